<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\LookCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Look\Look as CoreLook;
use PaperKite\Medium\LookSheet;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property CoreLook $values
 * @property string|null $sheet what is worked out of the values, as a style sheet for `SHEET_FOR`; `null`: not yet
 * @property CoreLook|null $earlier
 * @property CarbonImmutable|null $put_away_at
 * @property Shop $shop
 */
final class Look extends Model
{
    /** The selector of what wears it. */
    public const SHEET_FOR = '.button';

    protected static function booted(): void
    {
        self::saving(static function (self $look): void {
            if (! $look->exists || $look->isDirty('values')) {
                $look->sheet = self::sheetOf($look->values);
            }
        });
    }

    /** It is worked out once: that takes a thousand times as long as reading it. */
    public function sheet(): string
    {
        return $this->sheet ?? self::sheetOf($this->values);
    }

    private static function sheetOf(CoreLook $values): string
    {
        return (new LookSheet($values, self::SHEET_FOR))->css();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['values' => LookCast::class, 'earlier' => LookCast::class, 'put_away_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
