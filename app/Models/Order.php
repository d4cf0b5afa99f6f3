<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\SaidListCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\GiftCard\MovementKind;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use PaperKite\Quote\Bill;
use PaperKite\Quote\BillLine;
use PaperKite\Quote\BillRow;
use PaperKite\Quote\BillRowKind;
use PaperKite\Time\Moment;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;
use Symfony\Component\Intl\Countries;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $checkout_id
 * @property int $number
 * @property string $token
 * @property string $name
 * @property string $street
 * @property string $postcode
 * @property string $town
 * @property string $country
 * @property string $currency
 * @property int $items_minor
 * @property int $discount_minor
 * @property int $shipping_minor
 * @property int $tax_minor
 * @property int|null $shipping_tax_minor of the tax; `null` where it was not kept
 * @property string|null $shipping_tax_rate in percent
 * @property bool $tax_is_contained
 * @property int $total_minor
 * @property int $due_now_minor of the total, what was due when it was placed
 * @property int $gift_cards_minor of the total, what gift cards have paid
 * @property int $later_minor of the total, what is due later
 * @property int $profit_minor
 * @property GoodsState $goods_state
 * @property MoneyState $money_state
 * @property string $note of the seller, for themselves
 * @property string|null $coupon_code
 * @property array<string, Said> $reasons why each amount was what it was
 * @property string $phone
 * @property string $company
 * @property string $comment
 * @property CarbonImmutable|null $opened_until
 * @property CarbonImmutable $placed_at
 * @property CarbonImmutable|null $captured_at
 * @property Shop $shop
 * @property \Illuminate\Database\Eloquent\Collection<int, Payment> $payments
 * @property \Illuminate\Database\Eloquent\Collection<int, Refund> $refunds
 * @property \Illuminate\Database\Eloquent\Collection<int, OrderStep> $steps
 * @property \Illuminate\Database\Eloquent\Collection<int, CardMovement> $cardMovements
 * @property \Illuminate\Database\Eloquent\Collection<int, Download> $downloads
 * @property \Illuminate\Database\Eloquent\Collection<int, OrderLine> $lines
 */
final class Order extends Model
{
    use HasEmail;

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['placed_at' => 'immutable_datetime', 'captured_at' => 'immutable_datetime', 'opened_until' => 'immutable_datetime', 'reasons' => SaidListCast::class, 'goods_state' => GoodsState::class, 'money_state' => MoneyState::class, 'tax_is_contained' => 'boolean'];
    }

    /** Whom it is from, as far as they were asked. */
    public function shopper(): string
    {
        return $this->name === '' ? $this->email : $this->name;
    }

    /** @return list<string> where it goes, line by line; none where nothing is sent */
    public function address(): array
    {
        $country = Countries::exists($this->country) ? Countries::getName($this->country, 'en') : '';

        return array_values(array_filter([$this->name, $this->company, $this->street, trim("{$this->postcode} {$this->town}"), $country], static fn (string $line): bool => $line !== ''));
    }

    /** @return list<string> the words of thanks of what was given to */
    public function thanks(): array
    {
        return array_values(array_unique(array_filter($this->lines->map(static fn (OrderLine $line): string => $line->thanks ?? '')->all(), static fn (string $thanks): bool => $thanks !== '')));
    }

    public function placedAt(): Moment
    {
        return Moment::ofSeconds((int) $this->placed_at->getTimestamp());
    }

    public function money(int $minor): Money
    {
        return Money::ofMinor($minor, Currency::of($this->currency));
    }

    /** As it was when it was paid. */
    public function bill(): Bill
    {
        return Bill::drawn(
            array_values($this->lines->map(fn (OrderLine $line): BillLine => $line->onBill($this))->all()),
            $this->money($this->items_minor),
            new BillRow(BillRowKind::Discount, $this->money($this->discount_minor), $this->reasons['discount'] ?? null),
            $this->isSent() ? new BillRow(BillRowKind::Shipping, $this->money($this->shipping_minor), $this->reasons['shipping'] ?? null) : null,
            new BillRow($this->tax_is_contained ? BillRowKind::ContainedTax : BillRowKind::Tax, $this->money($this->tax_minor), $this->reasons['tax'] ?? null),
            $this->money($this->total_minor),
            $this->money($this->profit_minor),
        )->paidBy($this->money($this->gift_cards_minor), $this->money($this->due_now_minor));
    }

    /** Whether sending had a price, were it none: goods that are collected are not sent. */
    private function isSent(): bool
    {
        return $this->lines->contains(static fn (OrderLine $line): bool => $line->kind->ships()) && ($this->reasons['shipping'] ?? null)?->says(Phrase::NothingIsSent) !== true;
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return HasMany<Payment, $this> where its money came from, those that came to nothing among them */
    public function payments(): HasMany
    {
        return $this->hasMany(Payment::class, 'checkout_id', 'checkout_id')->orderBy('id');
    }

    /** @return HasMany<Refund, $this> steps of giving money back, those that were declined among them */
    public function refunds(): HasMany
    {
        return $this->hasMany(Refund::class)->orderBy('id');
    }

    /** @return HasMany<OrderStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(OrderStep::class)->orderBy('id');
    }

    /** @return HasMany<CardMovement, $this> of the gift cards that pay it, in the order of their use, and what came back to them */
    public function cardMovements(): HasMany
    {
        $movements = $this->hasMany(CardMovement::class)->orderBy('id');
        $movements->whereIn('kind', [MovementKind::Redeemed, MovementKind::Returned]);

        return $movements;
    }

    /** @return array<int, int> what gift cards have paid and did not get back, in minor units by their ids, in the order of their use */
    public function paidByCards(): array
    {
        $paid = [];
        foreach ($this->cardMovements as $movement) {
            $paid[$movement->gift_card_id] = ($paid[$movement->gift_card_id] ?? 0) - $movement->amount_minor;
        }

        return $paid;
    }

    /** @return HasMany<Download, $this> links to files that were bought */
    public function downloads(): HasMany
    {
        return $this->hasMany(Download::class)->orderBy('id');
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OrderLine::class)->orderBy('id');
    }
}
