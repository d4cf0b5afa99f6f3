<?php

declare(strict_types=1);

namespace PaperKite\Quote\Entry;

use DateTimeZone;
use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Quote\Coupon;
use PaperKite\Quote\CouponKind;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;
use PaperKite\Time\LocalTime;
use PaperKite\Time\Moment;

/** A coupon’s form, read all at once. */
final readonly class CouponEntry
{
    private const MOST_USES = 1_000_000;

    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        /** `null` where something is wrong. */
        public ?Coupon $coupon,
        /** `null`: as often as anybody likes. */
        public ?int $mostUses,
        public ?int $mostUsesEach,
    ) {}

    public static function read(FormInput $typed, Currency $currency, DateTimeZone $zone): self
    {
        $wrong = new FieldErrors;
        $code = $wrong->at('code', static fn (): string => Line::of($typed->text('code'), 'The code', 40)->text);
        $kind = CouponKind::tryFrom($typed->text('kind')) ?? CouponKind::Percent;
        $percent = $kind === CouponKind::Percent ? $wrong->at('value', static fn (): Percentage => Percentage::fromEntry($typed->decimal('value'))) : null;
        $amount = $kind === CouponKind::Amount ? $wrong->at('value', static fn (): Money => Money::fromEntry($typed->decimal('value'), $currency)) : null;
        $minSpend = self::blank($typed, 'min_spend') ? null : $wrong->at('min_spend', static fn (): Money => Money::fromEntry($typed->decimal('min_spend'), $currency));
        $skus = $typed->texts('skus') === [] ? null : $typed->texts('skus');
        $from = self::moment($typed, 'from', $zone, $wrong);
        $until = self::moment($typed, 'until', $zone, $wrong);
        if ($from !== null && $until !== null && ! $from->isBefore($until)) {
            $wrong->add('until', 'The coupon ends before it begins; move one of the two.');
        }
        $mostUses = self::uses($typed, 'most_uses', $wrong);
        $mostUsesEach = self::uses($typed, 'most_uses_each', $wrong);
        $coupon = match (true) {
            $wrong->all() !== [] || $code === null => null,
            $percent !== null => Coupon::percent($code, $percent, $minSpend, $skus, $from, $until),
            $amount !== null => Coupon::amount($code, $amount, $minSpend, $skus, $from, $until),
            default => Coupon::freeShipping($code, $minSpend, $skus, $from, $until),
        };

        return new self($wrong->all(), $coupon, $mostUses, $mostUsesEach);
    }

    private static function blank(FormInput $typed, string $key): bool
    {
        return trim($typed->text($key)) === '';
    }

    private static function moment(FormInput $typed, string $key, DateTimeZone $zone, FieldErrors $wrong): ?Moment
    {
        return self::blank($typed, $key) ? null : $wrong->at($key, static fn (): Moment => LocalTime::read($typed->text($key), $zone));
    }

    private static function uses(FormInput $typed, string $key, FieldErrors $wrong): ?int
    {
        if (self::blank($typed, $key)) {
            return null;
        }

        return $wrong->at($key, static fn (): int => preg_match('/\A\d{1,7}\z/', trim($typed->text($key))) === 1 && (int) $typed->text($key) >= 1 && (int) $typed->text($key) <= self::MOST_USES
            ? (int) $typed->text($key)
            : throw InvalidQuantity::outOfRange($typed->text($key), self::MOST_USES));
    }
}
