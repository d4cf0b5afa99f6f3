<?php

declare(strict_types=1);

namespace PaperKite\Text;

use DomainException;
use PaperKite\Refusal;

final class InvalidName extends DomainException implements Refusal
{
    private const LONGEST_SHOWN = 80;

    public static function slug(string $text): self
    {
        return new self('“'.self::shown($text).'” can’t stand in an address; use 2 to 40 small letters, digits and single hyphens, and no name that the console needs.');
    }

    public static function host(string $text): self
    {
        return new self('“'.self::shown($text).'” is not a host name; write it like shop.fern.example, without scheme and port.');
    }

    public static function account(string $text): self
    {
        return new self('“'.self::shown($text).'” can’t be an account; it has letters, digits, points, hyphens and underscores only, 64 at most.');
    }

    private static function shown(string $text): string
    {
        return mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, self::LONGEST_SHOWN, '…', 'UTF-8');
    }
}
