<?php

declare(strict_types=1);

namespace PaperKite\Link;

/**
 * A button as one HTML element that stands on its own: no script, no style sheet, no picture, no price, no payee.
 *
 * It is a copy: the words stay as they were on the day it was pasted. Text and link meet WCAG 2.2: contrast of the
 * caption 5.9 to 1 (1.4.3), at least 44 px high (2.5.8 asks for 24).
 */
final readonly class HtmlButton
{
    private const STYLE = [
        'display' => 'inline-block',
        'box-sizing' => 'border-box',
        'max-width' => '100%',
        'min-width' => '44px',
        'min-height' => '44px',
        'padding' => '12px 22px',
        'border' => '0',
        // The kite's diamond: two corners drawn in, two let out.
        'border-radius' => '4px 15px',
        'background-color' => '#b92b4f',
        'color' => '#fff',
        'font' => '600 16px/20px system-ui,sans-serif',
        'text-align' => 'center',
        'text-decoration' => 'none',
        'overflow-wrap' => 'anywhere',
    ];

    public function __construct(
        private string $url,
        private string $caption,
    ) {}

    public function html(): string
    {
        return sprintf('<a href="%s" dir="auto" style="%s">%s</a>', self::escaped($this->url), self::style(), self::escaped($this->caption));
    }

    private static function style(): string
    {
        return implode(';', array_map(
            static fn (string $property, string $value): string => "{$property}:{$value}",
            array_keys(self::STYLE),
            self::STYLE,
        ));
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_HTML5, 'UTF-8');
    }
}
