<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Money\Percentage;
use PaperKite\Partner\Commission\Rate;
use PaperKite\Time\Day;

/**
 * What a marketplace pays of a sale.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $marketplace_id
 * @property int $position
 * @property string $category
 * @property string $percent
 * @property CarbonImmutable|null $from_day
 * @property CarbonImmutable|null $until_day
 */
final class CommissionRate extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['from_day' => 'immutable_date', 'until_day' => 'immutable_date'];
    }

    public function toCore(): Rate
    {
        $day = static fn (?CarbonImmutable $at): ?Day => $at === null ? null : Day::read($at->toDateString());

        return new Rate($this->category, Percentage::fromEntry($this->percent), $day($this->from_day), $day($this->until_day));
    }
}
