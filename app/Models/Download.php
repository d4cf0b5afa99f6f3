<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\Download\LinkState;
use PaperKite\Time\Moment;

/**
 * The link by which a shopper gets the files of a line that was paid.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $order_id
 * @property int $order_line_id
 * @property int $turn a fresh link has another address
 * @property string $digest of what names it in its address
 * @property CarbonImmutable $until
 * @property int $most downloads of each file
 * @property CarbonImmutable|null $stopped_at
 * @property CarbonImmutable $created_at
 * @property Order $order
 * @property OrderLine $line
 * @property Collection<int, DownloadFile> $files
 */
final class Download extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until' => 'immutable_datetime', 'stopped_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    public static function secretOf(int $lineId, int $turn): string
    {
        return app(DerivedSecret::class)->of("download {$lineId} {$turn}");
    }

    public static function digestOf(int $lineId, int $turn): string
    {
        return DerivedSecret::digest(self::secretOf($lineId, $turn));
    }

    /** @return string at the shop's host */
    public function path(): string
    {
        return '/download/'.self::secretOf($this->order_line_id, $this->turn);
    }

    public function state(Moment $now): LinkState
    {
        return LinkState::at($now, $this->expires(), $this->stopped_at !== null);
    }

    public function expires(): Moment
    {
        return Moment::ofSeconds((int) $this->until->getTimestamp());
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<OrderLine, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(OrderLine::class, 'order_line_id');
    }

    /** @return HasMany<DownloadFile, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(DownloadFile::class)->orderBy('id');
    }
}
