<?php

declare(strict_types=1);

namespace App\PriceWatch;

use Symfony\Component\HttpFoundation\IpUtils;

/**
 * Addresses that are nobody's on the internet: this machine, its network, what stands for others.
 *
 * @link https://www.iana.org/assignments/iana-ipv4-special-registry
 * @link https://www.iana.org/assignments/iana-ipv6-special-registry
 */
final class SpecialNets
{
    private const IPV4 = [
        '0.0.0.0/8', '10.0.0.0/8', '100.64.0.0/10', '127.0.0.0/8', '169.254.0.0/16', '172.16.0.0/12', '192.0.0.0/24', '192.0.2.0/24', '192.31.196.0/24', '192.52.193.0/24',
        '192.88.99.0/24', '192.168.0.0/16', '192.175.48.0/24', '198.18.0.0/15', '198.51.100.0/24', '203.0.113.0/24', '224.0.0.0/4', '240.0.0.0/4',
    ];

    /** All that is routed on the internet is in it; of that, what carries another address within, and what documents show. */
    private const IPV6_GLOBAL = '2000::/3';

    private const IPV6 = ['2001::/23', '2001:db8::/32', '2002::/16', '2620:4f:8000::/48', '3fff::/20'];

    public static function hold(string $ip): bool
    {
        return match (true) {
            filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false => IpUtils::checkIp($ip, self::IPV4),
            filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_IPV6) !== false => ! IpUtils::checkIp($ip, self::IPV6_GLOBAL) || IpUtils::checkIp($ip, self::IPV6),
            default => true,
        };
    }
}
