<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** How a shop's own pages look: two colours, a font, what stands at their head. All other colours are worked out of the two. */
final readonly class PageLook
{
    public const LONGEST_SENTENCE = 160;

    public function __construct(
        public Colour $ground,
        public Colour $accent,
        public PageFont $font = PageFont::Humanist,
        /** Whether it stays as it is for readers who prefer dark pages. */
        public bool $staysLight = false,
        /** Beside the shop's name. */
        public Icon $mark = Icon::None,
        /** The path of a picture above the list of goods; blank: none. */
        public string $banner = '',
        /** What the banner shows, for those who can't see it; blank where it only decorates. */
        public string $bannerText = '',
        /** What the shop is, in a sentence; blank: nothing is said. */
        public string $sentence = '',
    ) {}

    public static function shipped(): self
    {
        return new self(Colour::of(0xF4, 0xF7, 0xF8), Colour::of(0x1E, 0x5A, 0x70));
    }

    public function colours(): PageColours
    {
        return PageColours::on($this->ground, $this->accent);
    }

    /** For readers who prefer dark pages: of the same hues. */
    public function darkColours(): PageColours
    {
        return $this->staysLight ? $this->colours() : PageColours::inTheDark($this->ground, $this->accent);
    }

    /** The custom properties of the shop's pages, as a style sheet. */
    public function css(): string
    {
        $scheme = match (true) {
            $this->colours()->isDark() => 'dark',
            $this->staysLight => 'light',
            default => 'light dark',
        };

        return $this->root($scheme, $this->colours()).($this->staysLight ? '' : "@media(prefers-color-scheme:dark){:root{{$this->darkColours()->css()}}}");
    }

    /** The same as one reader sees it, whatever they prefer. */
    public function cssFor(bool $prefersDark): string
    {
        $colours = $prefersDark ? $this->darkColours() : $this->colours();

        return $this->root($colours->isDark() ? 'dark' : 'light', $colours);
    }

    private function root(string $scheme, PageColours $colours): string
    {
        return ":root{color-scheme:{$scheme};--shop-font:{$this->font->css()};{$colours->css()}}";
    }
}
