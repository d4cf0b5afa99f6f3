<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Look\Colour;
use PaperKite\Look\ColourSet;
use PaperKite\Look\Look;
use PaperKite\Look\LookColours;

/** A look as a style sheet, with all that is computed from it: for the shop's own pages, where a button can be hovered and focused. */
final readonly class LookSheet
{
    private LookColours $colours;

    /** @param  string  $selector  of CSS, of the one kind of element that is styled */
    public function __construct(
        private Look $look,
        private string $selector,
    ) {
        $this->colours = LookColours::of($look);
    }

    /** For a page that is light or dark as its reader likes. */
    public function css(): string
    {
        return $this->onLight().'@media (prefers-color-scheme:dark){'.$this->changes($this->colours->dark(), $this->colours->focusOnDark()).'}';
    }

    public function onLight(): string
    {
        $disabled = $this->look->followsPage ? 'opacity:.6' : $this->colouring($this->colours->disabled());

        return "{$this->selector}{".Markup::style((new ButtonStyle($this->look))->values($this->colours->idle())).'}'
            .$this->changes($this->colours->hover(), $this->colours->focus(), $this->colours->pressed())
            ."{$this->selector}[aria-disabled=true]{{$disabled};box-shadow:none}";
    }

    public function onDark(): string
    {
        return $this->onLight().($this->look->followsPage ? '' : "{$this->selector}:not([aria-disabled=true]){".$this->colouring($this->colours->dark()).'}').$this->ring($this->colours->focusOnDark());
    }

    /** Beside a button whose idle values stand in its element, and would win otherwise. */
    public function overInline(): string
    {
        $ring = $this->ring($this->colours->focus());
        if ($this->look->followsPage) {
            return $ring;
        }
        $dark = $this->important($this->colours->dark());

        return "{$this->selector}:hover{".$this->important($this->colours->hover()).'}'
            ."{$this->selector}:active{".$this->important($this->colours->pressed()).'}'
            .$ring
            ."@media (prefers-color-scheme:dark){{$this->selector},{$this->selector}:hover,{$this->selector}:active{{$dark}}".$this->ring($this->colours->focusOnDark()).'}';
    }

    private function important(ColourSet $colours): string
    {
        return str_replace(';', '!important;', rtrim($this->colouring($colours), ';').';');
    }

    private function changes(ColourSet $hover, Colour $focus, ?ColourSet $pressed = null): string
    {
        if ($this->look->followsPage) {
            return "{$this->selector}:focus-visible{outline:3px solid currentColor;outline-offset:2px}";
        }

        return "{$this->selector}:hover{".$this->colouring($hover).'}'
            .($pressed === null ? '' : "{$this->selector}:active{".$this->colouring($pressed).'}')
            .$this->ring($focus);
    }

    private function ring(Colour $focus): string
    {
        return "{$this->selector}:focus-visible{outline:3px solid ".($this->look->followsPage ? 'currentColor' : $focus->hex()).';outline-offset:2px}';
    }

    private function colouring(ColourSet $colours): string
    {
        return Markup::style(['background-color' => $colours->fill->hex(), 'color' => $colours->ink->hex(), 'border-color' => $colours->border->hex()]);
    }
}
