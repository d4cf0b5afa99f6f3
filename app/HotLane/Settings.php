<?php

declare(strict_types=1);

namespace App\HotLane;

/**
 * What the operator has configured, as far as a kept answer needs it. The framework leaves it in the memory that the
 * workers share, which a new start of php-fpm empties: to read the configuration would take longer than the answer.
 */
final readonly class Settings
{
    private const KEY = 'hot-lane';

    /** Most clicks don't ask the database: what leads to it is kept apart. */
    private const DATABASE = 'hot-lane-database';

    /**
     * @param  string  $key  the application's
     * @param  int  $sameClickSeconds  for how long a second click is the same one
     * @param  list<string>  $proxies  in front of the web server, as the operator lists them
     * @param  string|null  $countryHeader  in which a listed proxy says where the visitor is; `null`: in none
     * @param  string|null  $clockFile  how far the demo is ahead; `null` where the time is the machine's
     * @param  array<mixed>  $database  the connection, as the framework is told of it
     * @param  string  $cachePrefix  of what the framework keeps in the memory that the workers share
     */
    public function __construct(
        private string $key,
        private int $sameClickSeconds,
        private bool $isOverTls,
        private array $proxies,
        private ?string $countryHeader,
        private ?string $clockFile,
        private array $database,
        private string $cachePrefix,
        private int $newCartsPerMinute,
    ) {}

    /**
     * In the order of the constructor, as far as every click needs them; `null` where the framework has not answered yet.
     *
     * @return array{string, int, bool, list<string>, string|null, string|null}|null
     */
    public static function kept(): ?array
    {
        /** @var array{string, int, bool, list<string>, string|null, string|null}|false $kept */
        $kept = apcu_fetch(self::KEY);

        return $kept === false ? null : $kept;
    }

    /**
     * The others, likewise.
     *
     * @return array{array<mixed>, string, int}|null
     */
    public static function ofDatabase(): ?array
    {
        /** @var array{array<mixed>, string, int}|false $kept */
        $kept = apcu_fetch(self::DATABASE);

        return $kept === false ? null : $kept;
    }

    public function keep(): void
    {
        apcu_add(self::KEY, [$this->key, $this->sameClickSeconds, $this->isOverTls, $this->proxies, $this->countryHeader, $this->clockFile]);
        apcu_add(self::DATABASE, [$this->database, $this->cachePrefix, $this->newCartsPerMinute]);
    }
}
