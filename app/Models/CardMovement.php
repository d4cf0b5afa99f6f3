<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\GiftCard\MovementKind;

/**
 * Money that came onto a gift card, or went off it. It stays as it is written.
 *
 * @property int $id
 * @property int $gift_card_id
 * @property MovementKind $kind
 * @property int $amount_minor less than nought where it went off
 * @property int $order_id 0 where none goes with it
 * @property int $refund_id 0 where none goes with it
 * @property int|null $person_id
 * @property CarbonImmutable $at
 * @property GiftCard $card
 * @property Order|null $order
 * @property Person|null $person
 */
final class CardMovement extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MovementKind::class, 'at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<GiftCard, $this> */
    public function card(): BelongsTo
    {
        return $this->belongsTo(GiftCard::class, 'gift_card_id');
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
