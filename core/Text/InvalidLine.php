<?php

declare(strict_types=1);

namespace PaperKite\Text;

use DomainException;
use PaperKite\Refusal;

final class InvalidLine extends DomainException implements Refusal
{
    public static function missing(string $what): self
    {
        return new self("{$what} is missing.");
    }

    public static function notUtf8(string $what): self
    {
        return new self("{$what} holds bytes that are not text (UTF-8); type it again.");
    }

    public static function controlCharacter(string $what): self
    {
        return new self("{$what} holds a line break, tab or other control character; remove it.");
    }

    public static function tooLong(string $what, int $length, int $max): self
    {
        return new self("{$what} has {$length} characters; shorten it to {$max}.");
    }
}
