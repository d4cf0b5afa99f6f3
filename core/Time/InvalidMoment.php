<?php

declare(strict_types=1);

namespace PaperKite\Time;

use DomainException;
use PaperKite\Refusal;

final class InvalidMoment extends DomainException implements Refusal
{
    public static function notWritten(string $text): self
    {
        $shown = mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8');

        return new self("“{$shown}” is not a moment; write it like 2026-04-20T10:00:00+01:00.");
    }

    public static function notLocal(string $text): self
    {
        $shown = mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8');

        return new self($text === '' ? 'The day and time are missing.' : "“{$shown}” is not a day and time; enter one such as 2026-05-01 00:00.");
    }

    public static function noDay(string $text): self
    {
        $shown = mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8');

        return new self($text === '' ? 'The day is missing.' : "“{$shown}” is not a day; enter one such as 2026-05-01.");
    }

    public static function doesNotExist(string $text): self
    {
        return new self("“{$text}” does not exist in the calendar or on the clock; correct it.");
    }
}
