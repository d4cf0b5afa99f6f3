<?php

declare(strict_types=1);

namespace App\Models;

/** Names in addresses that can be told again and not be guessed: worked out of what they are for and the installation's key, so that only their digests are kept. */
final readonly class DerivedSecret
{
    /** In hexadecimal digits: 160 bits. */
    private const LENGTH = 40;

    public function __construct(private string $key) {}

    public function of(string $what): string
    {
        return substr(hash_hmac('sha256', $what, $this->key), 0, self::LENGTH);
    }

    public static function digest(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
