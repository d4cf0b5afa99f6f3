<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** How far two colours stand apart, and the nearest colour that stands far enough. */
final class Contrast
{
    /** WCAG 2.2, 1.4.3: text. */
    public const TEXT = 4.5;

    /** WCAG 2.2, 1.4.11 and 2.4.13: the edge of a control, the ring around what has the focus. */
    public const EDGE = 3.0;

    private const STEPS = 500;

    /** From 1 for the same colour to 21 for black on white (WCAG 2.2, "contrast ratio"). */
    public static function ratio(Colour $one, Colour $other): float
    {
        $a = $one->luminance() + 0.05;
        $b = $other->luminance() + 0.05;

        return max($a, $b) / min($a, $b);
    }

    /** As people compare it: rounded down, so that 4.5 is never claimed for 4.49. */
    public static function shown(float $ratio): string
    {
        return number_format(floor($ratio * 10) / 10, 1, '.', '');
    }

    /** The colour of the same hue that is nearest in lightness and passes against every ground. */
    public static function nearest(Colour $colour, float $ratio, Colour ...$grounds): Colour
    {
        if (self::passes($colour, $ratio, $grounds)) {
            return $colour;
        }
        $start = Oklch::of($colour);
        for ($step = 1; $step <= self::STEPS; $step++) {
            foreach ([$start->lightness - $step / self::STEPS, $start->lightness + $step / self::STEPS] as $lightness) {
                $near = $start->withLightness($lightness)->colour();
                if ($lightness >= 0 && $lightness <= 1 && self::passes($near, $ratio, $grounds)) {
                    return $near;
                }
            }
        }

        return self::blackOrWhite(...$grounds);
    }

    /** The one that stands out more where the other stands out least. */
    public static function blackOrWhite(Colour ...$grounds): Colour
    {
        $worst = static fn (Colour $ink): float => min([21.0, ...array_map(static fn (Colour $ground): float => self::ratio($ink, $ground), $grounds)]);
        $black = Colour::of(0, 0, 0);
        $white = Colour::of(255, 255, 255);

        return $worst($black) >= $worst($white) ? $black : $white;
    }

    /** @param  array<Colour>  $grounds */
    private static function passes(Colour $colour, float $ratio, array $grounds): bool
    {
        foreach ($grounds as $ground) {
            if (self::ratio($colour, $ground) < $ratio) {
                return false;
            }
        }

        return true;
    }
}
