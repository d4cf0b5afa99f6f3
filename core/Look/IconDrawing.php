<?php

declare(strict_types=1);

namespace PaperKite\Look;

use DOMDocument;
use DOMElement;

/**
 * An SVG drawing that somebody uploads as an icon, drawn anew from its shapes: what is no shape, no colour and no number
 * is not taken along, whatever it is.
 */
final readonly class IconDrawing
{
    public const MOST_BYTES = 50_000;

    private const MOST_ELEMENTS = 1000;

    private const DEEPEST = 20;

    private const NAMESPACE = 'http://www.w3.org/2000/svg';

    private const ELEMENTS = ['svg', 'g', 'defs', 'path', 'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon', 'linearGradient', 'radialGradient', 'stop', 'clipPath'];

    private const ATTRIBUTES = [
        'id', 'viewBox', 'x', 'y', 'width', 'height', 'x1', 'y1', 'x2', 'y2', 'cx', 'cy', 'r', 'rx', 'ry', 'fx', 'fy', 'd', 'points', 'transform', 'offset',
        'gradientUnits', 'gradientTransform', 'spreadMethod', 'clipPathUnits', 'clip-path', 'clip-rule', 'opacity', 'fill', 'fill-rule', 'fill-opacity',
        'stroke', 'stroke-width', 'stroke-linecap', 'stroke-linejoin', 'stroke-miterlimit', 'stroke-dasharray', 'stroke-dashoffset', 'stroke-opacity', 'stop-color', 'stop-opacity',
    ];

    /** Numbers, names, colours, functions of numbers; of addresses, only those within the drawing. */
    private const VALUE = '/\A(?:[\w\s#.,()%+-]*|url\(#[\w-]+\))\z/';

    /** How much wider than high, or higher than wide, it may be. */
    private const LONGEST = 4.0;

    private function __construct(
        public string $svg,
        /** Of 100 by its height. */
        public int $width,
    ) {}

    /** @throws InvalidDrawing */
    public static function read(string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidDrawing::tooLarge(self::MOST_BYTES);
        }
        // What a document declares of its own can unfold to any size.
        if ($bytes === '' || stripos($bytes, '<!ENTITY') !== false || ! mb_check_encoding($bytes, 'UTF-8')) {
            throw InvalidDrawing::unreadable();
        }
        $read = new DOMDocument;
        $isRead = @$read->loadXML($bytes, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING);
        $root = $read->documentElement;
        if (! $isRead || $root === null || $root->localName !== 'svg') {
            throw InvalidDrawing::unreadable();
        }
        [$width, $height] = self::size($root);
        $drawn = new DOMDocument;
        $count = 0;
        $copy = self::copy($root, $drawn, 0, $count) ?? throw InvalidDrawing::unreadable();
        if ($count < 2) {
            throw InvalidDrawing::empty();
        }
        foreach (['x', 'y', 'width', 'height', 'transform'] as $name) {
            $copy->removeAttribute($name);
        }
        if (! $copy->hasAttribute('viewBox')) {
            $copy->setAttribute('viewBox', "0 0 {$width} {$height}");
        }
        $of100 = max(1, (int) round(100 * $width / $height));
        $copy->setAttribute('width', (string) $of100);
        $copy->setAttribute('height', '100');
        $drawn->appendChild($copy);

        return new self((string) $drawn->saveXML($copy), $of100);
    }

    private static function copy(DOMElement $from, DOMDocument $to, int $depth, int &$count): ?DOMElement
    {
        if (! in_array($from->localName, self::ELEMENTS, true) || ($from->namespaceURI !== null && $from->namespaceURI !== self::NAMESPACE)) {
            return null;
        }
        if (++$count > self::MOST_ELEMENTS || $depth > self::DEEPEST) {
            throw InvalidDrawing::tooManyShapes(self::MOST_ELEMENTS);
        }
        $copy = $to->createElementNS(self::NAMESPACE, $from->localName);
        foreach (self::values($from) as $name => $value) {
            if (in_array($name, self::ATTRIBUTES, true) && preg_match(self::VALUE, $value) === 1) {
                $copy->setAttribute($name, $value);
            }
        }
        foreach ($from->childNodes as $child) {
            $drawn = $child instanceof DOMElement ? self::copy($child, $to, $depth + 1, $count) : null;
            if ($drawn !== null) {
                $copy->appendChild($drawn);
            }
        }

        return $copy;
    }

    /** @return array<string, string> its attributes, and what its style says of them */
    private static function values(DOMElement $element): array
    {
        $values = [];
        foreach ($element->attributes as $attribute) {
            if ($attribute->prefix === '') {
                $values[$attribute->localName ?? ''] = $attribute->nodeValue ?? '';
            }
        }
        foreach (explode(';', $values['style'] ?? '') as $declaration) {
            [$name, $value] = array_map(trim(...), explode(':', $declaration, 2)) + ['', ''];
            $values[$name] = $value;
        }

        return $values;
    }

    /**
     * @return array{float, float}
     *
     * @throws InvalidDrawing where it has no size, or one that no icon has
     */
    private static function size(DOMElement $root): array
    {
        $box = preg_split('/[\s,]+/', trim($root->getAttribute('viewBox')), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $sides = count($box) === 4 ? [$box[2], $box[3]] : array_map(static fn (string $side): string => (string) preg_replace('/px\z/', '', trim($root->getAttribute($side))), ['width', 'height']);
        if (! is_numeric($sides[0]) || ! is_numeric($sides[1]) || (float) $sides[0] <= 0 || (float) $sides[1] <= 0) {
            throw InvalidDrawing::noSize();
        }
        [$width, $height] = [(float) $sides[0], (float) $sides[1]];
        if (max($width / $height, $height / $width) > self::LONGEST) {
            throw InvalidDrawing::tooLong((int) self::LONGEST);
        }

        return [$width, $height];
    }
}
