<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Look\ButtonPicture;
use PaperKite\Look\LookColours;

/**
 * A button as one HTML element that stands on its own: no script, no style sheet, no price, no payee.
 *
 * It carries the idle values of its look, and brings along a style sheet for its other states where the seller wants that.
 */
final readonly class HtmlButton implements Medium
{
    public function key(): string
    {
        return 'html';
    }

    public function label(): string
    {
        return 'HTML button';
    }

    public function isLive(): bool
    {
        return false;
    }

    public function opensTabs(): bool
    {
        return true;
    }

    public function note(): string
    {
        return 'For any page that takes HTML. A copy: its words and its look stay as they are today; what it sells, what that costs and where it leads follow.';
    }

    /** @param  string  $readAs  what screen readers say in place of its words; blank: its words */
    public function snippet(Placed $placed, string $readAs = ''): string
    {
        $look = $placed->look;
        $style = new ButtonStyle($look);

        $sheet = $placed->sheet === null ? '' : Markup::open('link', ['rel' => 'stylesheet', 'href' => $placed->sheet->address($placed->base)]);
        $classes = [...$look->classes, ...($placed->sheet === null ? [] : [$placed->sheet->className])];

        return $sheet.Markup::open('a', [
            'href' => $placed->url,
            'class' => $classes === [] ? null : implode(' ', $classes),
            'dir' => $look->picture === null ? 'auto' : null,
            'aria-label' => $readAs === '' ? null : $readAs,
            'target' => $placed->opensNewTab ? '_blank' : null,
            'rel' => $placed->partner !== null ? PartnerNote::REL : ($placed->opensNewTab ? 'noopener' : null),
            'style' => $look->picture === null ? Markup::style($style->values(LookColours::of($look)->idle())) : Markup::style([...$style->room(), 'max-width' => '100%']),
        ]).($look->picture === null ? $style->content($placed->caption, $placed->base) : $this->picture($look->picture, $placed->base)).'</a>'.($placed->partner === null ? '' : ' '.Markup::open('small', ['dir' => 'auto', 'style' => 'display:inline-block']).Markup::escaped($placed->partner->disclosure).'</small>');
    }

    private function picture(ButtonPicture $picture, string $base): string
    {
        return Markup::open('img', [
            'src' => $base.$picture->path,
            'alt' => $picture->text,
            'style' => Markup::style($picture->drawn()),
        ]);
    }
}
