<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Order\GoodsState;

/**
 * What the goods of an order became, when, and who said so.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $person_id
 * @property GoodsState $goods_state
 * @property string $carrier
 * @property string $tracking
 * @property CarbonImmutable $at
 * @property Person|null $person
 */
final class OrderStep extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['goods_state' => GoodsState::class, 'at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
