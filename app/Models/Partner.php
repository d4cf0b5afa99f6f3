<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\ReportLayoutCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\Partner\Report\ReportLayout;

/**
 * Another merchant, whose goods the shop shows.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property ReportLayout|null $report_layout which columns its reports have; `null`: nobody has said
 */
final class Partner extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['report_layout' => ReportLayoutCast::class];
    }

    /** @return HasMany<Marketplace, $this> */
    public function marketplaces(): HasMany
    {
        return $this->hasMany(Marketplace::class);
    }
}
