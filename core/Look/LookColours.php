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

    private function __construct(private Look $look) {}

    /** Each is worked out when it is asked for: what is pasted shows the idle ones alone. */
    public static function of(Look $look): self
    {
        return new self($look);
    }

    public function idle(): ColourSet
    {
        return new ColourSet($this->look->fill, $this->look->ink, $this->look->border);
    }

    public function hover(): ColourSet
    {
        return $this->moved(self::HOVER);
    }

    public function pressed(): ColourSet
    {
        return $this->moved(self::PRESSED);
    }

    /** Half the colour gone; the words stay readable, since they say why. */
    public function disabled(): ColourSet
    {
        $fill = Oklch::of($this->look->fill);
        $paled = $fill->withChroma($fill->chroma * 0.25)->withLightness(0.86)->colour();

        return new ColourSet($paled, Contrast::nearest($this->look->ink, Contrast::TEXT, $paled), Oklch::of($this->look->border)->withChroma(0.02)->withLightness(0.7)->colour());
    }

    /** On a dark page. */
    public function dark(): ColourSet
    {
        $page = self::page(self::PAGE_DARK);
        if (Contrast::ratio($this->look->fill, $page) >= Contrast::EDGE) {
            return new ColourSet($this->look->fill, $this->inkOn($this->look->fill), $this->look->border);
        }
        $fill = Oklch::of($this->look->fill)->withLightness(self::ON_DARK)->colour();

        return new ColourSet($fill, $this->inkOn($fill), Contrast::nearest($this->look->border, Contrast::EDGE, $page));
    }

    /** The ring around what has the focus, on a light page. */
    public function focus(): Colour
    {
        return Contrast::nearest($this->look->fill, Contrast::EDGE, self::page(self::PAGE_LIGHT));
    }

    public function focusOnDark(): Colour
    {
        return Contrast::nearest($this->look->fill, Contrast::EDGE, self::page(self::PAGE_DARK));
    }

    /** @param  float  $by  steps of lightness, away from the side on which the fill is */
    private function moved(float $by): ColourSet
    {
        $fill = Oklch::of($this->look->fill);
        $step = $fill->lightness > self::LIGHT_FILL ? -$by : $by;
        $border = Oklch::of($this->look->border);
        $movedFill = $fill->withLightness($fill->lightness + $step)->colour();

        return new ColourSet($movedFill, $this->inkOn($movedFill), $border->withLightness($border->lightness + $step)->colour());
    }

    /** The look's own ink where it is as readable as on the idle fill, or readable enough. */
    private function inkOn(Colour $fill): Colour
    {
        return Contrast::nearest($this->look->ink, min(Contrast::TEXT, Contrast::ratio($this->look->ink, $this->look->fill)), $fill);
    }

    private static function page(string $hex): Colour
    {
        return Colour::read($hex, 'A page');
    }
}
