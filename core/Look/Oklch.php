<?php

declare(strict_types=1);

namespace PaperKite\Look;

/**
 * A colour by lightness, chroma and hue as people see them, so that a step of lightness looks alike in every hue.
 *
 * @see https://www.w3.org/TR/css-color-4/#ok-lab CSS Color 4, with its sample code for the conversion
 */
final readonly class Oklch
{
    private function __construct(
        /** From 0 for black to 1 for white. */
        public float $lightness,
        /** From 0 for grey to about 0.37 for the strongest colours of a screen. */
        public float $chroma,
        /** In radians. */
        public float $hue,
    ) {}

    public static function of(Colour $colour): self
    {
        [$red, $green, $blue] = $colour->light();
        $l = (0.4122214708 * $red + 0.5363325363 * $green + 0.0514459929 * $blue) ** (1 / 3);
        $m = (0.2119034982 * $red + 0.6806995451 * $green + 0.1073969566 * $blue) ** (1 / 3);
        $s = (0.0883024619 * $red + 0.2817188376 * $green + 0.6299787005 * $blue) ** (1 / 3);
        $a = 1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s;
        $b = 0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s;

        return new self(0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s, hypot($a, $b), atan2($b, $a));
    }

    public function withLightness(float $lightness): self
    {
        return new self(max(0.0, min(1.0, $lightness)), $this->chroma, $this->hue);
    }

    public function withChroma(float $chroma): self
    {
        return new self($this->lightness, max(0.0, $chroma), $this->hue);
    }

    /** The colour of a screen; where none is so strong, the strongest of the same lightness and hue. */
    public function colour(): Colour
    {
        $low = 0.0;
        $high = $this->chroma;
        if ($this->fits($high)) {
            return $this->rounded($high);
        }
        for ($step = 0; $step < 20; $step++) {
            $middle = ($low + $high) / 2;
            $this->fits($middle) ? $low = $middle : $high = $middle;
        }

        return $this->rounded($low);
    }

    private function fits(float $chroma): bool
    {
        foreach ($this->light($chroma) as $channel) {
            // A little more than the rounding to a byte forgives.
            if ($channel < -0.0001 || $channel > 1.0001) {
                return false;
            }
        }

        return true;
    }

    private function rounded(float $chroma): Colour
    {
        [$red, $green, $blue] = array_map(self::byte(...), $this->light($chroma));

        return Colour::of($red, $green, $blue);
    }

    /** @return array{float, float, float} red, green, blue in linear light; outside 0 to 1 where a screen can't show it */
    private function light(float $chroma): array
    {
        $a = $chroma * cos($this->hue);
        $b = $chroma * sin($this->hue);
        $l = ($this->lightness + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $m = ($this->lightness - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $s = ($this->lightness - 0.0894841775 * $a - 1.2914855480 * $b) ** 3;

        return [
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s,
        ];
    }

    private static function byte(float $light): int
    {
        $light = max(0.0, min(1.0, $light));
        $value = $light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055;

        return (int) round($value * 255);
    }
}
