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
     * @param  list<string>  $proxies  in front of the web server, as the operator lists them
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
     * @return array{string, int, bool, list<string>, string|null, string|null}|null the application's key, for how many seconds
     *                                                                              a click is the same one, whether visitors come
     *                                                                              over TLS, proxies, the header in which those name
     *                                                                              a country, and the file that says how far the demo
     *                                                                              is ahead; `null`: the framework has not answered yet
     */
    public static function kept(): ?array
    {
        /** @var array{string, int, bool, list<string>, string|null, string|null}|false $kept */
        $kept = apcu_fetch(self::KEY);

        return $kept === false ? null : $kept;
    }

    /** @return array{array<mixed>, string, int}|null the connection, the prefix of what the framework keeps, and how many carts may be begun in a minute */
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
