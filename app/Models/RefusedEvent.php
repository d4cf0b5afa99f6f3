<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What did not go as it should with a payment: a message that was not believed, or a refusal of the provider.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $payment_id
 * @property string $reason
 * @property int $times
 * @property CarbonImmutable $last_at
 * @property Payment $payment
 */
final class RefusedEvent extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['last_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Payment, $this> */
    public function payment(): BelongsTo
    {
        return $this->belongsTo(Payment::class);
    }
}
