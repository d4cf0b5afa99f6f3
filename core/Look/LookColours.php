<?php

declare(strict_types=1);

namespace PaperKite\Look;

/**
 * The colours of a look in every state, computed from its base colours by steps of lightness (OKLCH): a text that passes
 * when the button is idle passes in every state.
 */
final readonly class LookColours
{
    private const HOVER = 0.05;

    private const PRESSED = 0.10;

    /** How light a fill is at which a step goes darker rather than lighter. */
    private const LIGHT_FILL = 0.35;

    /** The lightness of a fill on a dark page: light enough to stand out, with chroma to match. */
    private const ON_DARK = 0.72;

    private const PAGE_LIGHT = '#ffffff';

    private const PAGE_DARK = '#14191f';

    private function __construct(
        public ColourSet $idle,
        public ColourSet $hover,
        public ColourSet $pressed,
        public ColourSet $disabled,
        /** On a dark page. */
        public ColourSet $dark,
        /** The ring around what has the focus, on a light page and on a dark one. */
        public Colour $focus,
        public Colour $focusOnDark,
    ) {}

    public static function of(Look $look): self
    {
        $fill = Oklch::of($look->fill);
        $step = $fill->lightness > self::LIGHT_FILL ? -1 : 1;
        $light = Colour::read(self::PAGE_LIGHT, 'A page');
        $dark = Colour::read(self::PAGE_DARK, 'A page');

        return new self(
            new ColourSet($look->fill, $look->ink, $look->border),
            self::moved($look, $step * self::HOVER),
            self::moved($look, $step * self::PRESSED),
            self::disabled($look),
            self::onDark($look, $dark),
            Contrast::nearest($look->fill, Contrast::EDGE, $light),
            Contrast::nearest($look->fill, Contrast::EDGE, $dark),
        );
    }

    private static function moved(Look $look, float $by): ColourSet
    {
        $fill = Oklch::of($look->fill);
        $border = Oklch::of($look->border);
        $movedFill = $fill->withLightness($fill->lightness + $by)->colour();

        return new ColourSet($movedFill, self::inkOn($look, $movedFill), $border->withLightness($border->lightness + $by)->colour());
    }

    /** Half the colour gone; the words stay readable, since they say why. */
    private static function disabled(Look $look): ColourSet
    {
        $fill = Oklch::of($look->fill);
        $paled = $fill->withChroma($fill->chroma * 0.25)->withLightness(0.86)->colour();

        return new ColourSet($paled, Contrast::nearest($look->ink, Contrast::TEXT, $paled), Oklch::of($look->border)->withChroma(0.02)->withLightness(0.7)->colour());
    }

    private static function onDark(Look $look, Colour $page): ColourSet
    {
        if (Contrast::ratio($look->fill, $page) >= Contrast::EDGE) {
            return new ColourSet($look->fill, self::inkOn($look, $look->fill), $look->border);
        }
        $fill = Oklch::of($look->fill)->withLightness(self::ON_DARK)->colour();

        return new ColourSet($fill, self::inkOn($look, $fill), Contrast::nearest($look->border, Contrast::EDGE, $page));
    }

    /** The look's own ink where it is as readable as on the idle fill, or readable enough. */
    private static function inkOn(Look $look, Colour $fill): Colour
    {
        return Contrast::nearest($look->ink, min(Contrast::TEXT, Contrast::ratio($look->ink, $look->fill)), $fill);
    }
}
