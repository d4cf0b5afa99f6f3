<?php

declare(strict_types=1);

namespace App\PriceWatch;

use Closure;

/** Which addresses a host has, asked of the system's resolver. */
final readonly class HostAddresses
{
    /** @param  (Closure(string): list<string>)|null  $ask  instead of the system */
    public function __construct(private ?Closure $ask = null) {}

    /** @return list<string> IPv4 and IPv6 */
    public function of(string $host): array
    {
        if ($this->ask !== null) {
            return ($this->ask)($host);
        }
        $four = gethostbynamel("{$host}.");
        if ($four !== false && $four !== []) {
            return $four;
        }
        $six = @dns_get_record($host, DNS_AAAA);

        return $six === false ? [] : array_values(array_filter(array_column($six, 'ipv6'), is_string(...)));
    }
}
