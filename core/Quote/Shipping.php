<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;

/**
 * Rule 4: what sending costs. In order: a coupon that ships free, goods worth the zone's free-shipping sum, the zone's
 * table, else the fees on the items. Says which of them applied, and which it overrode. The table's limit holds in any
 * case.
 */
final readonly class Shipping
{
    private function __construct(
        public Money $fee,
        public ShippingRule $rule,
        /** What would have applied without it, or `null` where nothing else was said. */
        public ?ShippingRule $overridden,
        public ?ShippingZone $zone = null,
        /** Minor units, grams or pieces, where a table applied. */
        public int $measured = 0,
        /** The place of the band that applied. */
        public int $band = 0,
        /** What the goods come to after a coupon, where without it they would have shipped free; `null` where it made no difference. */
        public ?Money $missedWith = null,
    ) {}

    /**
     * @param  list<Parcel>  $parcels
     *
     * @throws CantShip
     */
    public static function of(array $parcels, bool $isFreed, ShopRules $shop, string $country): self
    {
        if ($parcels === []) {
            return new self(Money::zero($shop->currency), ShippingRule::NothingShips, null);
        }
        $zone = $shop->zoneOf($country) ?? throw CantShip::to($country);
        self::mustBeWithinLimit($parcels, $zone);
        $worth = Money::sum(array_map(static fn (Parcel $parcel): Money => $parcel->value, $parcels), $shop->currency);
        $rules = self::rulesThatFit($parcels, $isFreed, $zone, $worth);
        $missed = self::missedWith($parcels, $zone, $worth);

        return match ($rules[0]) {
            ShippingRule::Table => self::byTable($parcels, $zone, $rules[1] ?? null, $missed),
            ShippingRule::ItemFees => new self(self::itemFees($parcels, $shop->currency), ShippingRule::ItemFees, null, $zone, missedWith: $missed),
            default => new self(Money::zero($shop->currency), $rules[0], $rules[1] ?? null, $zone),
        };
    }

    /**
     * @param  list<Parcel>  $parcels
     * @return non-empty-list<ShippingRule> the one that applies, then what it overrides
     */
    private static function rulesThatFit(array $parcels, bool $isFreed, ShippingZone $zone, Money $worth): array
    {
        $hasItemFees = array_filter($parcels, static fn (Parcel $parcel): bool => $parcel->pick->product->shipping !== null) !== [];
        $fit = array_values(array_filter([
            $isFreed ? ShippingRule::FreeByCoupon : null,
            $zone->freeFrom !== null && ! $worth->isLessThan($zone->freeFrom) ? ShippingRule::FreeFrom : null,
            $zone->table !== null ? ShippingRule::Table : null,
            $hasItemFees ? ShippingRule::ItemFees : null,
        ]));

        return $fit === [] ? [ShippingRule::ItemFees] : $fit;
    }

    /**
     * @param  list<Parcel>  $parcels
     * @return Money|null what they are worth, where only a discount keeps them from shipping free
     */
    private static function missedWith(array $parcels, ShippingZone $zone, Money $worth): ?Money
    {
        if ($zone->freeFrom === null || ! $worth->isLessThan($zone->freeFrom)) {
            return null;
        }
        $undiscounted = Money::sum(array_map(static fn (Parcel $parcel): Money => $parcel->undiscounted, $parcels), $worth->currency);

        return $undiscounted->isLessThan($zone->freeFrom) ? null : $worth;
    }

    /**
     * A carrier's limit is no price: it holds however shipping is made free.
     *
     * @param  list<Parcel>  $parcels
     *
     * @throws CantShip
     */
    private static function mustBeWithinLimit(array $parcels, ShippingZone $zone): void
    {
        $table = $zone->table;
        if ($table !== null && ! $table->reaches($table->by->of($parcels))) {
            throw CantShip::beyond($zone, ShippingWords::measured($table->by, $table->limit ?? 0, $table->bands[0]->fee->currency));
        }
    }

    /** @param  list<Parcel>  $parcels */
    private static function byTable(array $parcels, ShippingZone $zone, ?ShippingRule $overridden, ?Money $missed): self
    {
        $table = $zone->table ?? throw new \LogicException('The zone has no table.');
        $measured = $table->by->of($parcels);
        $band = $table->bandFor($measured);

        return new self($table->bands[$band]->fee, ShippingRule::Table, $overridden, $zone, $measured, $band, $missed);
    }

    /** @param  list<Parcel>  $parcels */
    private static function itemFees(array $parcels, Currency $currency): Money
    {
        return Money::sum(array_map(
            static fn (Parcel $parcel): Money => $parcel->pick->product->shipping?->of($parcel->pick->quantity->pieces) ?? Money::zero($currency),
            $parcels,
        ), $currency);
    }
}
