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
 * @property CarbonImmutable|null $deleted_at
 */
final class Look extends Model
{
    use CanBeDeleted;

    /** The selector of what wears it. */
    public const SHEET_FOR = '.button';

    protected static function booted(): void
    {
        self::updating(static function (self $look): void {
            if ($look->isDirty('values')) {
                $look->sheet = null;
            }
        });
    }

    /**
     * It is worked out when it is shown first, and then kept: that takes a thousand times as long as reading it. Where the
     * seller has changed the look meanwhile, theirs is worked out anew.
     */
    public function sheet(): string
    {
        $sheet = $this->sheet ?? (new LookSheet($this->values, self::SHEET_FOR))->css();
        if ($this->sheet === null) {
            self::query()->whereKey($this->id)->whereNull('sheet')->toBase()->update(['sheet' => $sheet]);
            $this->sheet = $sheet;
            $this->syncOriginalAttribute('sheet');
        }

        return $sheet;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['deleted_at' => 'immutable_datetime', 'values' => LookCast::class, 'earlier' => LookCast::class, 'put_away_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
