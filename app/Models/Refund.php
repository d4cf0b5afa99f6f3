<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\Payment\RefundState;

/**
 * One step of giving money of an order back.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $payment_id `null` where all of it goes back to gift cards
 * @property string $act named by the page it was done on: done twice, it is the same act
 * @property RefundState $state pending until the provider has answered
 * @property int $amount_minor
 * @property int $payment_minor of the amount, what the provider gives back
 * @property int $tax_minor of the amount
 * @property string $reason
 * @property bool $is_restocked
 * @property int|null $person_id
 * @property CarbonImmutable $asked_at
 * @property CarbonImmutable|null $answered_at
 * @property Order $order
 * @property Payment|null $payment
 * @property Person|null $person
 * @property \Illuminate\Database\Eloquent\Collection<int, RefundLine> $lines
 */
final class Refund extends Model
{
    /** Under which a cancelled order gives back all that is left. */
    public const CANCELLING = 'cancel';

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => RefundState::class, 'is_restocked' => 'boolean', 'asked_at' => 'immutable_datetime', 'answered_at' => 'immutable_datetime'];
    }

    /** Under which the provider is asked for it, however often. */
    public function key(): string
    {
        return "refund-{$this->payment?->reference}-{$this->act}";
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<Payment, $this> */
    public function payment(): BelongsTo
    {
        return $this->belongsTo(Payment::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<RefundLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(RefundLine::class)->orderBy('id');
    }
}
