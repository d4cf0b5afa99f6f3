<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use LogicException;

/** The media, in the order in which they are offered. */
final class Media
{
    /** @return non-empty-list<Medium> */
    public static function all(): array
    {
        return [new PlainLink, new HtmlButton, new Widget, new EmailButton, new MarkdownLink, new QrCode, new JsonLd];
    }

    public static function find(string $key): ?Medium
    {
        foreach ([...self::all(), new InTable] as $medium) {
            if ($medium->key() === $key) {
                return $medium;
            }
        }

        return null;
    }

    public static function get(string $key): Medium
    {
        return self::find($key) ?? throw new LogicException("No medium is called “{$key}”.");
    }

    /** @return list<string> the keys of those that a placement can be made in */
    public static function keys(): array
    {
        return array_map(static fn (Medium $medium): string => $medium->key(), self::all());
    }
}
