<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Look\LookColours;
use PaperKite\Look\Side;

/**
 * A button for e-mail: a table of one cell, since mail programs paint a cell's ground more surely than a link's.
 *
 * Only the elements and attributes that mail programs keep; with styles and pictures off it stays a link that can be read.
 */
final readonly class EmailButton implements Medium
{
    public const ELEMENTS = ['table', 'tr', 'td', 'a'];

    public const ATTRIBUTES = ['role', 'border', 'cellpadding', 'cellspacing', 'align', 'bgcolor', 'href', 'rel', 'dir', 'style'];

    public function key(): string
    {
        return 'email';
    }

    public function label(): string
    {
        return 'E-mail button';
    }

    public function isLive(): bool
    {
        return false;
    }

    public function opensTabs(): bool
    {
        return false;
    }

    public function note(): string
    {
        return 'For a newsletter or a letter. A copy: its words and its look stay as they are today.';
    }

    public function snippet(Placed $placed): string
    {
        $look = $placed->look;
        $colours = LookColours::of($look)->idle();
        $radius = $look->corner === $look->crossCorner ? "{$look->corner}px" : "{$look->corner}px {$look->crossCorner}px";
        $cell = Markup::style([
            'background-color' => $colours->fill->hex(),
            'border' => $look->borderWidth === 0 ? null : "{$look->borderWidth}px solid {$colours->border->hex()}",
            'border-radius' => $radius,
        ]);
        $link = Markup::style([
            'display' => 'inline-block',
            'padding' => "{$look->paddingBlock}px {$look->paddingInline}px",
            'color' => $colours->ink->hex(),
            'font-family' => 'Arial, sans-serif',
            'font-size' => "{$look->fontSize}px",
            'font-weight' => $look->isBold ? 'bold' : 'normal',
            'line-height' => "{$look->lineHeight()}px",
            'text-decoration' => 'none',
        ]);

        $button = Markup::open('table', ['role' => 'presentation', 'border' => '0', 'cellpadding' => '0', 'cellspacing' => '0'])
            .'<tr>'.Markup::open('td', ['align' => 'center', 'bgcolor' => $colours->fill->hex(), 'style' => $cell])
            .Markup::open('a', ['href' => $placed->url, 'rel' => $placed->partner === null ? null : PartnerNote::REL, 'dir' => 'auto', 'style' => $link]).Markup::escaped($look->picture->text ?? $placed->caption).'</a></td></tr>'
            .($placed->partner === null ? '' : '<tr>'.Markup::open('td', ['dir' => 'auto', 'style' => 'font-family:Arial,sans-serif;font-size:13px;padding-top:6px']).Markup::escaped($placed->partner->disclosure).'</td></tr>').'</table>';

        return $this->placed($button, $look->place);
    }

    /** Mail programs know neither margins that give way nor where a line begins. */
    private function placed(string $button, Side $place): string
    {
        if ($place === Side::Start) {
            return $button;
        }
        $around = ['role' => 'presentation', 'border' => '0', 'cellpadding' => '0', 'cellspacing' => '0', 'style' => 'width:100%'];

        return Markup::open('table', $around).'<tr>'.Markup::open('td', ['align' => $place === Side::Middle ? 'center' : 'right']).$button.'</td></tr></table>';
    }
}
