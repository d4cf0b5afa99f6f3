<?php

declare(strict_types=1);

namespace PaperKite\Look;

use InvalidArgumentException;
use PaperKite\Refusal;

final class InvalidLook extends InvalidArgumentException implements Refusal
{
    public static function colour(string $what, string $text): self
    {
        return new self("{$what} can’t be “".self::shown($text).'”; write six digits like #1e5a70.');
    }

    public static function number(string $what, string $text, int $least, int $most, string $unit): self
    {
        return new self("{$what} can’t be “".self::shown($text)."”; enter a whole number from {$least} to {$most} ({$unit}).");
    }

    public static function choice(string $what, string $text): self
    {
        return new self("{$what} can’t be “".self::shown($text).'”; choose one of those offered.');
    }

    public static function className(string $text): self
    {
        return new self('“'.self::shown($text).'” is no class name; use letters, digits, - and _, beginning with a letter.');
    }

    public static function pictureWithoutText(): self
    {
        return new self('The picture says nothing to those who can’t see it; write what stands on it.');
    }

    public static function percentOfHeight(): self
    {
        return new self('A page has no height to take a part of; give the height in px, or the width in percent.');
    }

    public static function midGround(Colour $ground, Colour $near): self
    {
        return new self("On {$ground->hex()} no text can be read well: it is neither light nor dark enough. The nearest that works is {$near->hex()}.");
    }

    private static function shown(string $text): string
    {
        return mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8');
    }
}
