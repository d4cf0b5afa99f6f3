<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Container\Container;
use Illuminate\Database\Connection;
use Illuminate\Database\Connectors\ConnectionFactory;
use Illuminate\Database\Eloquent\Model;
use PDO;

/** The database where the framework has not started: its connection, which the worker keeps open from request to request. */
final class OwnConnection
{
    /** Functions that its classes call: they are in no class, and so can't be preloaded. */
    private const FUNCTIONS = [
        'compat/functions.php', 'vendor/symfony/polyfill-php84/bootstrap.php', 'vendor/laravel/framework/src/Illuminate/Collections/functions.php', 'vendor/laravel/framework/src/Illuminate/Collections/helpers.php',
        'vendor/laravel/framework/src/Illuminate/Support/functions.php', 'vendor/laravel/framework/src/Illuminate/Support/helpers.php',
    ];

    /**
     * @param  array<mixed>  $as  configured, as the framework is told of it
     * @return Connection that of the framework where it runs
     */
    public static function to(array $as): Connection
    {
        $running = Model::getConnectionResolver()?->connection();
        if ($running instanceof Connection) {
            return $running;
        }
        foreach (self::FUNCTIONS as $file) {
            require_once __DIR__."/../../{$file}";
        }

        return (new ConnectionFactory(new Container))->make(array_replace_recursive($as, ['options' => [PDO::ATTR_PERSISTENT => true]]));
    }
}
