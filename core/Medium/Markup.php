<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** Writes HTML that stands on its own. */
final class Markup
{
    /** For text and for the value of an attribute in double quotes. */
    public static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_HTML5 | ENT_SUBSTITUTE, 'UTF-8');
    }

    /** @param  array<string, string|null>  $values  of CSS by property; `null` ones are left out */
    public static function style(array $values): string
    {
        $kept = array_filter($values, static fn (?string $value): bool => $value !== null);

        return implode(';', array_map(static fn (string $property, string $value): string => "{$property}:{$value}", array_keys($kept), $kept));
    }

    /** @param  array<string, string|null>  $values  by attribute; `null` ones are left out */
    public static function open(string $element, array $values): string
    {
        $kept = array_filter($values, static fn (?string $value): bool => $value !== null);

        return "<{$element}".implode('', array_map(static fn (string $name, string $value): string => " {$name}=\"".self::escaped($value).'"', array_keys($kept), $kept)).'>';
    }
}
