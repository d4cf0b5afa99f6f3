<?php

declare(strict_types=1);

namespace App\PriceWatch;

/** Whose pages may be looked at, by the operator's word: hosts on the internet, and stand-ins at an address of this machine. */
final readonly class WatchedHosts
{
    /**
     * @param  list<string>  $hosts  by name; those below them are not among them
     * @param  array<string, string>  $local  addresses by host and port ("nordkai-se.localhost:8480" to "127.0.0.1")
     */
    public function __construct(
        private array $hosts,
        private array $local,
    ) {}

    /** @param  string  $text  "host:port=address", with commas between */
    public static function of(string $hosts, string $text): self
    {
        $local = [];
        foreach (array_filter(explode(',', $text)) as $pair) {
            [$host, $address] = explode('=', $pair, 2) + [1 => ''];
            $local[strtolower(trim($host))] = trim($address);
        }

        return new self(array_values(array_filter(array_map(static fn (string $host): string => strtolower(trim($host)), explode(',', $hosts)))), $local);
    }

    public function allow(string $host, int $port): bool
    {
        return $this->localAddress($host, $port) !== null || (in_array($host, $this->hosts, true) && in_array($port, [80, 443], true));
    }

    /** @return string|null of a stand-in; `null`: its name is asked for */
    public function localAddress(string $host, int $port): ?string
    {
        return $this->local["{$host}:{$port}"] ?? null;
    }
}
