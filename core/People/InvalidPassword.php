<?php

declare(strict_types=1);

namespace PaperKite\People;

use InvalidArgumentException;
use PaperKite\Refusal;

final class InvalidPassword extends InvalidArgumentException implements Refusal
{
    public static function tooShort(): self
    {
        return new self('The password is too short; choose at least '.Password::SHORTEST.' characters, such as four words.');
    }

    public static function tooLong(): self
    {
        return new self('The password is too long; choose at most '.Password::LONGEST.' characters.');
    }

    public static function tooPlain(): self
    {
        return new self('The password repeats a few characters; choose one with at least five different ones.');
    }

    public static function unreadable(): self
    {
        return new self('The password holds a character that can’t be read; type it again.');
    }
}
