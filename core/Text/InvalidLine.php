<?php

declare(strict_types=1);

namespace PaperKite\Text;

use PaperKite\ToldRefusal;

final class InvalidLine extends ToldRefusal
{
    public const SENTENCES = [
        'refused.missing' => '{what} is missing.',
        'refused.not_text' => '{what} holds bytes that are not text (UTF-8); type it again.',
        'refused.control' => '{what} holds a line break, tab or other control character; remove it.',
        'refused.too_long' => '{what} has {length} characters; shorten it to {max}.',
    ];

    public static function missing(string $what): self
    {
        return new self('refused.missing', ['what' => $what]);
    }

    public static function notUtf8(string $what): self
    {
        return new self('refused.not_text', ['what' => $what]);
    }

    public static function controlCharacter(string $what): self
    {
        return new self('refused.control', ['what' => $what]);
    }

    public static function tooLong(string $what, int $length, int $max): self
    {
        return new self('refused.too_long', ['what' => $what, 'length' => (string) $length, 'max' => (string) $max]);
    }
}
