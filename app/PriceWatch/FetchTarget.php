<?php

declare(strict_types=1);

namespace App\PriceWatch;

use PaperKite\Partner\PastedAddress;
use PaperKite\Partner\Scheme;

/** What is asked for, of whom. */
final readonly class FetchTarget
{
    private function __construct(
        /** @var non-empty-string */
        public string $address,
        public Scheme $scheme,
        public string $host,
        public int $port,
    ) {}

    /** @return self|null `null` where it is none that is asked for */
    public static function of(string $address): ?self
    {
        $scheme = Scheme::tryFrom((string) parse_url($address, PHP_URL_SCHEME));
        $read = PastedAddress::read($address);

        return $address === '' || $scheme === null || ! $read instanceof PastedAddress ? null : new self($address, $scheme, $read->host, $read->port ?? $scheme->port());
    }

    /** Whether it is asked of the same site, be it by a safer way. */
    public function hasSameHost(self $other): bool
    {
        return $this->host === $other->host && ($this->port === $other->port || ($other->port === 80 && $this->port === 443));
    }

    public function turn(): string
    {
        return "{$this->host}:{$this->port}";
    }
}
