<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\Report\CreditedBy;
use PaperKite\Partner\Report\Uncredited;

/**
 * A sale, or what was given back of one, as a row of a report says it.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $marketplace_id
 * @property int $report_id
 * @property int $row_number
 * @property SaleStands $stands
 * @property CarbonImmutable $day
 * @property int|null $hour
 * @property string $sub_id
 * @property string $item
 * @property string $category
 * @property string $reference
 * @property int $quantity
 * @property int|null $amount_minor
 * @property int $commission_minor
 * @property string $currency
 * @property CreditedBy $credited_by
 * @property Uncredited|null $why
 * @property int $placement_id 0: none
 * @property int $label_id 0: none
 * @property string $surface
 * @property int $product_id 0: none
 * @property list<array{placement: int, label: int, surface: string, clicks: int}>|null $candidates
 * @property Marketplace $marketplace
 */
final class PartnerSale extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['stands' => SaleStands::class, 'day' => 'immutable_date', 'credited_by' => CreditedBy::class, 'why' => Uncredited::class, 'candidates' => 'array'];
    }

    public function commission(): Money
    {
        return Money::ofMinor($this->commission_minor, Currency::of($this->currency));
    }

    public function amount(): ?Money
    {
        return $this->amount_minor === null ? null : Money::ofMinor($this->amount_minor, Currency::of($this->currency));
    }

    /** @return BelongsTo<Marketplace, $this> */
    public function marketplace(): BelongsTo
    {
        return $this->belongsTo(Marketplace::class);
    }
}
