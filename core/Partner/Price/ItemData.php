<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

/**
 * The products that a page describes to programs, as JSON-LD in the words of schema.org.
 *
 * @see https://www.w3.org/TR/json-ld11/#embedding-json-ld-in-html-documents
 * @see https://schema.org/Product
 */
final readonly class ItemData
{
    private const DEEPEST = 12;

    private const MOST_NODES = 2_000;

    /** @return list<array<mixed>> the nodes of type Product, in the order of the page */
    public static function products(string $html): array
    {
        $found = [];
        $left = self::MOST_NODES;
        foreach (self::scripts($html) as $json) {
            self::collect(json_decode($json, true, self::DEEPEST * 4), self::DEEPEST, $left, $found);
        }

        return $found;
    }

    /** @return list<string> what stands in the page's scripts of type application/ld+json */
    private static function scripts(string $html): array
    {
        $scripts = [];
        // A script's text ends at the next "</script", whatever stands in it (HTML, "script data state"): no parser is needed for that.
        for ($at = 0; ($open = stripos($html, '<script', $at)) !== false;) {
            $begin = strpos($html, '>', $open);
            $end = $begin === false ? false : stripos($html, '</script', $begin);
            if ($begin === false || $end === false) {
                break;
            }
            if (preg_match('~\btype\s*=\s*["\']?application/ld\+json\b~i', substr($html, $open, $begin - $open)) === 1) {
                $scripts[] = substr($html, $begin + 1, $end - $begin - 1);
            }
            $at = $end;
        }

        return $scripts;
    }

    /** @param  list<array<mixed>>  $found */
    private static function collect(mixed $node, int $depth, int &$left, array &$found): void
    {
        if (! is_array($node) || $depth === 0 || $left-- <= 0) {
            return;
        }
        if (in_array('Product', self::types($node), true)) {
            $found[] = $node;

            return;
        }
        foreach ($node as $inner) {
            self::collect($inner, $depth - 1, $left, $found);
        }
    }

    /**
     * @param  array<mixed>  $node
     * @return list<string> without the vocabulary's address
     */
    public static function types(array $node): array
    {
        $types = array_filter((array) ($node['@type'] ?? []), is_string(...));

        return array_values(array_map(static fn (string $type): string => (string) preg_replace('~\A(?:https?://schema\.org/|schema:)~', '', $type), $types));
    }
}
