<?php

declare(strict_types=1);

namespace PaperKite\Money;

use Brick\Math\BigInteger;

/** Divides an amount so that the parts sum to it, to the unit. */
final class Shares
{
    /**
     * In proportion to weights, by largest remainder (Hamilton's method); of equal remainders, the earlier part gets the
     * unit. Where all weights are 0, every share is 0.
     *
     * @param  list<Money>  $weights  none negative
     * @return list<Money> one for each weight
     */
    public static function inProportion(Money $whole, array $weights): array
    {
        $sum = Money::sum($weights, $whole->currency);
        if ($sum->isZero() || $whole->isZero()) {
            return array_map(static fn (): Money => Money::zero($whole->currency), $weights);
        }
        $units = [];
        $remainders = [];
        foreach ($weights as $i => $weight) {
            [$units[$i], $remainders[$i]] = self::divided($whole->minor, $weight->minor, $sum->minor);
        }
        // Sorting is stable, so that of equal remainders the earlier stays before the later.
        arsort($remainders);
        foreach (array_slice(array_keys($remainders), 0, $whole->minor - array_sum($units)) as $i) {
            $units[$i]++;
        }

        return array_map(static fn (int $minor): Money => Money::ofMinor($minor, $whole->currency), array_values($units));
    }

    /**
     * In equal parts; the earlier ones carry the odd units.
     *
     * @param  int<1, max>  $count
     * @return list<Money>
     */
    public static function equal(Money $whole, int $count): array
    {
        $each = intdiv($whole->minor, $count);
        $odd = $whole->minor % $count;
        $parts = [];
        for ($i = 0; $i < $count; $i++) {
            $parts[] = Money::ofMinor($i < $odd ? $each + 1 : $each, $whole->currency);
        }

        return $parts;
    }

    /**
     * A part of so many, rounded half up.
     *
     * @param  int<0, max>  $parts
     * @param  int<1, max>  $of
     */
    public static function part(Money $whole, int $parts, int $of): Money
    {
        [$quotient, $remainder] = self::divided($whole->minor, $parts, $of);

        return Money::ofMinor($remainder >= $of - $remainder ? $quotient + 1 : $quotient, $whole->currency);
    }

    /** @return array{int, int} quotient and remainder of `whole × weight / sum` */
    private static function divided(int $whole, int $weight, int $sum): array
    {
        if ($weight === 0 || $whole <= intdiv(PHP_INT_MAX, $weight)) {
            return [intdiv($whole * $weight, $sum), $whole * $weight % $sum];
        }
        [$quotient, $remainder] = BigInteger::of($whole)->multipliedBy($weight)->quotientAndRemainder($sum);

        return [$quotient->toInt(), $remainder->toInt()];
    }
}
