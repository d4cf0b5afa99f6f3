<?php

declare(strict_types=1);

namespace App\Carts;

/**
 * Stands for something that tells who somebody is, in memory that workers share: nobody without the application's key finds
 * out what it stands for. BLAKE2b (RFC 7693) takes its key by itself and costs a fifth of an HMAC, on a way where that is felt.
 */
final class KeyedHash
{
    /**
     * @param  string  $key  the application's, of 16 to 64 bytes
     * @return string 64 hexadecimal digits
     */
    public static function of(string $text, string $key): string
    {
        return bin2hex(sodium_crypto_generichash($text, $key));
    }
}
