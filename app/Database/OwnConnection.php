<?php

declare(strict_types=1);

namespace App\Database;

use Composer\Autoload\ClassLoader;
use Illuminate\Container\Container;
use Illuminate\Database\Connection;
use Illuminate\Database\Connectors\ConnectionFactory;
use Illuminate\Database\Eloquent\Model;
use PDO;

/** The database where the framework has not started: its connection, which the worker keeps open from request to request. */
final class OwnConnection
{
    /** The names of characters are said as it is opened, and not with each request. */
    private const KEPT_OPEN = ['charset' => null, 'options' => [PDO::ATTR_PERSISTENT => true]];

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
        spl_autoload_register(self::load(...));

        return (new ConnectionFactory(new Container))->make(array_replace_recursive($as, self::KEPT_OPEN));
    }

    /** A model asks of each kind of value whether it is a class; those of ours all have a namespace. */
    private static function load(string $class): void
    {
        $loader = str_contains($class, '\\') ? require __DIR__.'/../../vendor/autoload.php' : null;
        if ($loader instanceof ClassLoader) {
            $loader->loadClass($class);
        }
    }
}
