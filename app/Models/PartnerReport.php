<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\ReportLayoutCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Partner\Report\ReportLayout;
use PaperKite\Sheet\Encoding;
use PaperKite\Sheet\Separator;

/**
 * What a marketplace reported of its sales.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $marketplace_id
 * @property int|null $person_id
 * @property string $name of the file
 * @property string $file under which it is kept until it is read
 * @property ReportState $state
 * @property Encoding $encoding
 * @property Separator $separator
 * @property list<string> $header
 * @property ReportLayout|null $layout
 * @property int $bytes
 * @property int $read_to
 * @property int $next_row
 * @property CarbonImmutable|null $finished_at
 * @property CarbonImmutable $created_at
 * @property Marketplace $marketplace
 * @property Shop $shop
 */
final class PartnerReport extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => ReportState::class, 'encoding' => Encoding::class, 'separator' => Separator::class, 'header' => 'array', 'layout' => ReportLayoutCast::class, 'finished_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Marketplace, $this> */
    public function marketplace(): BelongsTo
    {
        return $this->belongsTo(Marketplace::class);
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
