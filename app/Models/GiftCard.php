<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\GiftCard\CardState;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $order_line_id by which it was sold
 * @property string $digest of its code, keyed
 * @property string|null $code encrypted where it is kept; `null` once it is empty or void
 * @property string $tail the last four characters of its code
 * @property string $page_digest of what names its page
 * @property string $currency
 * @property int $value_minor
 * @property int $balance_minor the sum of its movements, which the database works out
 * @property string $to_name
 * @property string $to_email blank: to the buyer
 * @property string $message
 * @property CarbonImmutable|null $send_on
 * @property CarbonImmutable|null $sent_at
 * @property CarbonImmutable|null $voided_at
 * @property string|null $void_reason
 * @property CarbonImmutable $created_at
 * @property OrderLine $line
 * @property Shop $shop
 * @property Collection<int, CardMovement> $movements
 * @property Collection<int, CardShowing> $showings
 */
final class GiftCard extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $hidden = ['code', 'digest', 'page_digest'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code' => 'encrypted', 'send_on' => 'immutable_date', 'sent_at' => 'immutable_datetime', 'voided_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    public function state(): CardState
    {
        return CardState::of($this->balance_minor, $this->value_minor, $this->voided_at !== null);
    }

    public function money(int $minor): Money
    {
        return Money::ofMinor($minor, Currency::of($this->currency));
    }

    /** Whether its code is still there, so that it can be sent or printed. */
    public function isKept(): bool
    {
        return $this->getRawOriginal('code') !== null;
    }

    public static function pageSecretOf(int $lineId): string
    {
        return app(DerivedSecret::class)->of("gift card {$lineId}");
    }

    /** @return string of the page on which it can be read, at the shop's host */
    public function pagePath(): string
    {
        return '/gift/'.self::pageSecretOf($this->order_line_id);
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<OrderLine, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(OrderLine::class, 'order_line_id');
    }

    /** @return HasMany<CardMovement, $this> the first first */
    public function movements(): HasMany
    {
        return $this->hasMany(CardMovement::class)->orderBy('id');
    }

    /** @return HasMany<CardShowing, $this> the last first */
    public function showings(): HasMany
    {
        return $this->hasMany(CardShowing::class)->orderByDesc('id');
    }
}
