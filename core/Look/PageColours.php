<?php

declare(strict_types=1);

namespace PaperKite\Look;

/**
 * The colours of a shop's pages, worked out of a ground and an accent by steps of lightness (OKLCH), so that every text
 * passes on everything that it stands on (WCAG 2.2, 1.4.3), and every control is seen (1.4.11).
 */
final readonly class PageColours
{
    /** What black or white must have on a ground for all other colours to find room between. */
    public const ROOM = 9.0;

    private const READABLE = 7.0;

    /** On dark pages what only just passes looks faint. */
    private const LINK_ON_DARK = 6.0;

    private const DARK_GROUND = 0.21;

    private const DARK_CHROMA = 0.035;

    /** How far a card stands from the ground that it lies on. */
    private const LIFT = 0.035;

    private const RULE = 0.12;

    private const HOVER = 0.05;

    private const INK = '#18222d';

    private const PALE_INK = '#e6edf1';

    private const AMBER = '#8f5a0e';

    private const WRONG = '#a3241c';

    private const GOOD = '#2b6b3f';

    private function __construct(
        public Colour $paper,
        public Colour $sheet,
        public Colour $ink,
        public Colour $pencil,
        public Colour $rule,
        /** The edge of what is typed in. */
        public Colour $edge,
        /** Of the one thing to do. */
        public Colour $fill,
        public Colour $onFill,
        public Colour $fillHover,
        /** What can be followed. */
        public Colour $link,
        public Colour $amber,
        public Colour $wrong,
        public Colour $good,
    ) {}

    public static function on(Colour $ground, Colour $accent): self
    {
        $isDark = self::isDarkGround($ground);
        $paper = Oklch::of($ground);
        $sheet = $paper->withLightness($paper->lightness + self::LIFT)->withChroma($paper->chroma * ($isDark ? 1 : 0.4))->colour();
        $text = static fn (Colour $colour, float $ratio = Contrast::TEXT): Colour => Contrast::nearest($colour, $ratio, $ground, $sheet);
        $ink = $text(self::read($isDark ? self::PALE_INK : self::INK), self::READABLE);
        $pencil = $text(self::between($ink, $ground));
        $fill = Contrast::nearest($accent, Contrast::EDGE, $ground, $sheet);
        $onFill = Contrast::nearest(self::read('#ffffff'), Contrast::TEXT, $fill);
        $step = Oklch::of($fill);
        // Away from its words, so that these are read still better.
        $hover = $step->withLightness($step->lightness + ($onFill->luminance() > $fill->luminance() ? -self::HOVER : self::HOVER))->colour();

        return new self(
            $ground,
            $sheet,
            $ink,
            $pencil,
            $paper->withLightness($paper->lightness + ($isDark ? self::RULE : -self::RULE))->colour(),
            Contrast::nearest($pencil, Contrast::EDGE, $ground, $sheet),
            $fill,
            $onFill,
            $hover,
            $text($accent, $isDark ? self::LINK_ON_DARK : Contrast::TEXT),
            $text(self::read(self::AMBER)),
            $text(self::read(self::WRONG)),
            $text(self::read(self::GOOD)),
        );
    }

    /** Of the same hues, for readers who prefer dark pages. */
    public static function inTheDark(Colour $ground, Colour $accent): self
    {
        if (self::isDarkGround($ground)) {
            return self::on($ground, $accent);
        }
        $paper = Oklch::of($ground);

        return self::on($paper->withLightness(self::DARK_GROUND)->withChroma(min($paper->chroma, self::DARK_CHROMA))->colour(), $accent);
    }

    /** Whether text of every colour finds room on it. */
    public static function canBeGround(Colour $ground): bool
    {
        return Contrast::ratio(Contrast::blackOrWhite($ground), $ground) >= self::ROOM;
    }

    public function isDark(): bool
    {
        return self::isDarkGround($this->paper);
    }

    /** @return string declarations of custom properties */
    public function css(): string
    {
        $css = '';
        foreach ([
            'paper' => $this->paper, 'sheet' => $this->sheet, 'ink' => $this->ink, 'pencil' => $this->pencil, 'rule' => $this->rule, 'edge' => $this->edge,
            'shop' => $this->fill, 'on-shop' => $this->onFill, 'shop-hover' => $this->fillHover, 'shop-text' => $this->link, 'sea' => $this->link,
            'amber' => $this->amber, 'wrong' => $this->wrong, 'good' => $this->good,
        ] as $name => $colour) {
            $css .= "--{$name}:{$colour->hex()};";
        }

        return $css;
    }

    private static function isDarkGround(Colour $ground): bool
    {
        return Contrast::blackOrWhite($ground)->luminance() > 0.5;
    }

    /** Two thirds of the way from the ground to the ink. */
    private static function between(Colour $ink, Colour $ground): Colour
    {
        $mix = static fn (int $one, int $other): int => intdiv(2 * $one + $other, 3);

        return Colour::of($mix($ink->red, $ground->red), $mix($ink->green, $ground->green), $mix($ink->blue, $ground->blue));
    }

    private static function read(string $hex): Colour
    {
        return Colour::read($hex, 'A colour');
    }
}
