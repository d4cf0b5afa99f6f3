<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use DomainException;
use PaperKite\Refusal;

/** What can't be one of a marketplace's data, and what to write instead. */
final class InvalidMarketplace extends DomainException implements Refusal
{
    public static function pattern(string $text): self
    {
        $shown = self::shown($text);

        return new self("“{$shown}” is no address pattern; write a path with variables in braces, such as /{item}-{name} or /goods{?nr}.");
    }

    /** @param  list<string>  $names */
    public static function withoutItem(string $pattern, array $names): self
    {
        $missing = implode(', ', array_map(static fn (string $name): string => "{{$name}}", $names));

        return new self("“{$pattern}” has no {$missing}, which the address of an item needs; write it in, or take the pattern out.");
    }

    public static function search(string $text): self
    {
        $shown = self::shown($text);

        return new self("“{$shown}” is no search address; write one with exactly one variable, for the words, such as /search{?q}.");
    }

    public static function parameter(string $text): self
    {
        $shown = self::shown($text);

        return new self("“{$shown}” is no name of a parameter; it has letters, digits, - _ and . only, 40 at most.");
    }

    public static function parameterTwice(string $name): self
    {
        return new self("“{$name}” is named twice; each parameter has one use.");
    }

    public static function partnerId(string $text): self
    {
        $shown = self::shown($text);

        return new self("“{$shown}” is no partner ID; it has letters, digits and - _ . ~ only, 64 at most.");
    }

    public static function port(string $text): self
    {
        $shown = self::shown($text);

        return new self("“{$shown}” is no port; leave it blank, or write a number from 1 to 65535.");
    }

    public static function hours(string $text): self
    {
        $shown = self::shown($text);

        return new self("“{$shown}” is no number of hours; write one from 1 to 8760.");
    }

    public static function noHost(): self
    {
        return new self('A marketplace has a host; write its name, such as www.fern.example.');
    }

    private static function shown(string $text): string
    {
        return mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 60, '…', 'UTF-8');
    }
}
