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
    public const WITH_DATABASE = 'hot-lane-database';

    /**
     * @param  list<string>  $proxies  in front of the web server, as the operator lists them
     * @param  array<mixed>  $database  the connection, as the framework is told of it
     * @param  string  $cachePrefix  of what the framework keeps in the memory that the workers share
     */
    public function __construct(
        public string $key,
        public string $spool,
        public int $sameClickSeconds,
        public bool $isOverTls,
        public array $proxies,
        public ?string $countryHeader,
        public ?string $clockFile,
        public array $database = [],
        public string $cachePrefix = '',
        public int $newCartsPerMinute = 0,
    ) {}

    /** @return self|null `null` where the framework has not answered yet */
    public static function kept(string $key = self::KEY): ?self
    {
        /** @var array{string, string, int, bool, list<string>, string|null, string|null, 7?: array<mixed>, 8?: string, 9?: int}|false $kept */
        $kept = apcu_fetch($key);

        return $kept === false ? null : new self(...$kept);
    }

    public function keep(): void
    {
        // A list is handed out sooner than an object.
        $everyClicks = [$this->key, $this->spool, $this->sameClickSeconds, $this->isOverTls, $this->proxies, $this->countryHeader, $this->clockFile];
        apcu_add(self::KEY, $everyClicks);
        apcu_add(self::WITH_DATABASE, [...$everyClicks, $this->database, $this->cachePrefix, $this->newCartsPerMinute]);
    }
}
