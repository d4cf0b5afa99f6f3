<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Quote\Coupon as QuoteCoupon;
use PaperKite\Quote\CouponKind;
use PaperKite\Time\Moment;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $code
 * @property CouponKind $kind
 * @property string|null $percent
 * @property int|null $amount_minor
 * @property int|null $min_spend_minor
 * @property list<string>|null $skus
 * @property CarbonImmutable|null $counts_from
 * @property CarbonImmutable|null $counts_until
 * @property int|null $most_uses
 * @property int|null $most_uses_each
 * @property int $uses
 * @property CarbonImmutable|null $deleted_at
 */
final class Coupon extends Model
{
    use CanBeDeleted;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['deleted_at' => 'immutable_datetime', 'kind' => CouponKind::class, 'skus' => 'array', 'counts_from' => 'immutable_datetime', 'counts_until' => 'immutable_datetime'];
    }

    public function isUsedUp(): bool
    {
        return $this->most_uses !== null && $this->uses >= $this->most_uses;
    }

    /** Whether it can be used at all: it has begun, has not ended, and is not used up. What a cart must hold for it is another question. */
    public function isValid(CarbonImmutable $now): bool
    {
        return ! $this->isUsedUp() && ($this->counts_from === null || $this->counts_from->lessThanOrEqualTo($now)) && ($this->counts_until === null || $this->counts_until->greaterThan($now));
    }

    /** What it does, in a sentence. */
    public function told(Shop $shop): string
    {
        $takes = match ($this->kind) {
            CouponKind::Percent => "takes {$this->percent} % off",
            CouponKind::Amount => "takes {$shop->money($this->amount_minor ?? 0)->shown()} off",
            CouponKind::FreeShipping => 'ships the order free',
        };
        $goods = $this->skus === null ? '' : ' for '.implode(', ', $this->skus);
        $from = $this->min_spend_minor === null ? '' : ", for goods of {$shop->money($this->min_spend_minor)->shown()} or more";
        $left = $this->most_uses === null ? '' : "; {$this->most_uses} times in all";

        return "{$takes}{$goods}{$from}{$left}.";
    }

    public function toCore(Currency $currency): QuoteCoupon
    {
        $minSpend = $this->min_spend_minor === null ? null : Money::ofMinor($this->min_spend_minor, $currency);
        $from = $this->counts_from === null ? null : Moment::ofSeconds((int) $this->counts_from->getTimestamp());
        $until = $this->counts_until === null ? null : Moment::ofSeconds((int) $this->counts_until->getTimestamp());

        return match ($this->kind) {
            CouponKind::Percent => QuoteCoupon::percent($this->code, Percentage::fromEntry($this->percent ?? '0'), $minSpend, $this->skus, $from, $until),
            CouponKind::Amount => QuoteCoupon::amount($this->code, Money::ofMinor($this->amount_minor ?? 0, $currency), $minSpend, $this->skus, $from, $until),
            CouponKind::FreeShipping => QuoteCoupon::freeShipping($this->code, $minSpend, $this->skus, $from, $until),
        };
    }
}
