<?php

declare(strict_types=1);

namespace App\Text;

/** Names that nobody can guess. */
final class Secrets
{
    /** @return string 128 random bits in 22 characters of base64url (RFC 4648, 5) */
    public static function token(): string
    {
        return self::base64url(random_bytes(16));
    }

    /** @return string 72 random bits in 12 characters: names a thing that another secret guards */
    public static function ref(): string
    {
        return self::base64url(random_bytes(9));
    }

    private static function base64url(string $bytes): string
    {
        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }
}
