<?php

declare(strict_types=1);

namespace PaperKite\People;

use Random\Randomizer;

/** What a person's app and the shop both know: 160 bits, as RFC 4226, 4 recommends, written in base 32 (RFC 4648, 6). */
final readonly class TotpSecret
{
    private const BYTES = 20;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    private const ISSUER = 'Paper Kite';

    private function __construct(public string $bytes) {}

    /** @param  Randomizer  $source  a secure one */
    public static function random(Randomizer $source): self
    {
        return new self($source->getBytes(self::BYTES));
    }

    public static function ofBytes(#[\SensitiveParameter] string $bytes): self
    {
        return new self($bytes);
    }

    /** @return string without padding: 32 characters of 20 bytes */
    public function base32(): string
    {
        $bits = '';
        foreach (str_split($this->bytes) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }

        return implode('', array_map(static fn (string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5)));
    }

    /** What an app reads off a QR code: `otpauth://totp/Paper%20Kite:ada@letters.example?secret=…&issuer=Paper%20Kite`. */
    public function address(string $email): string
    {
        return 'otpauth://totp/'.rawurlencode(self::ISSUER).':'.rawurlencode($email).'?'.http_build_query(
            ['secret' => $this->base32(), 'issuer' => self::ISSUER, 'algorithm' => 'SHA1', 'digits' => Totp::DIGITS, 'period' => 30],
            encoding_type: PHP_QUERY_RFC3986,
        );
    }
}
