<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\TargetCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\PartnerPage;
use PaperKite\Partner\PartnerRules;
use PaperKite\Partner\Price\PageProblem;
use PaperKite\Partner\Price\PriceShowing;
use PaperKite\Partner\Price\PriceState;
use PaperKite\Partner\Price\WatchedPrice;
use PaperKite\Partner\Target;
use PaperKite\Partner\Token;
use PaperKite\Time\Day;

/**
 * Where a product is to be had at one marketplace.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $product_id
 * @property int $marketplace_id
 * @property int $position
 * @property Target $target
 * @property bool|null $is_fallback
 * @property int|null $price_minor
 * @property CarbonImmutable|null $priced_on
 * @property string $category as the marketplace calls it, for its commission; blank: none
 * @property PriceState|null $price_state `null`: its page was never looked at
 * @property PageProblem|null $page_problem
 * @property int $misses how often in a row its page was not there
 * @property int|null $found_minor what its page said when it was read last
 * @property CarbonImmutable|null $checked_at
 * @property CarbonImmutable|null $check_at when it is looked at next; `null`: never
 * @property Marketplace $marketplace
 * @property Product $product
 */
final class PartnerAddress extends Model
{
    public $timestamps = false;

    /** @return Builder<self> items that the shop shows: those of goods that are a partner’s now */
    public static function itemsOf(Shop $shop): Builder
    {
        return self::items()->where('partner_addresses.shop_id', $shop->id);
    }

    /** @return Builder<self> likewise, of all shops */
    public static function items(): Builder
    {
        return self::query()->where('partner_addresses.kind', 'item')->whereHas('product', static fn (Builder $product) => $product->whereIn('kind', ProductKind::elsewhere()));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['target' => TargetCast::class, 'is_fallback' => 'boolean', 'priced_on' => 'immutable_date', 'price_state' => PriceState::class, 'page_problem' => PageProblem::class, 'checked_at' => 'immutable_datetime', 'check_at' => 'immutable_datetime'];
    }

    /**
     * Where a click leads; made of what the seller stored, and of nothing that came with the click. Of what is gone, to what
     * the marketplace finds of that name.
     *
     * @param  string  $name  of the goods
     */
    public function outgoing(?Token $subId, string $name): string
    {
        $page = $this->toPage();

        return OutgoingAddress::of($page->marketplace, $page->leadsTo($name), $subId);
    }

    public function toPage(): PartnerPage
    {
        return new PartnerPage($this->marketplace->toCore(), $this->target, $this->is_fallback === true, $this->isGone());
    }

    /** Whether its page is there no more. */
    public function isGone(): bool
    {
        return $this->price_state === PriceState::Vanished;
    }

    /** As it was seen there; `null` where the seller shows none. */
    public function price(): ?Money
    {
        return $this->money($this->price_minor);
    }

    /** How its price is shown to shoppers; hidden where there is none. */
    public function showing(PartnerRules $rules, Day $today): PriceShowing
    {
        return $this->price_minor === null || $this->priced_on === null ? PriceShowing::Hidden : $rules->prices->showing(Day::read($this->priced_on->toDateString()), $today, $this->price_state);
    }

    public function watched(): WatchedPrice
    {
        return new WatchedPrice($this->price(), $this->money($this->found_minor), $this->price_state, $this->page_problem, $this->misses);
    }

    /** @param  CarbonImmutable  $today  on the shop's clock */
    public function keepWatched(WatchedPrice $watched, CarbonImmutable $today): self
    {
        return $this->forceFill([
            'price_minor' => $watched->shown?->minor,
            'priced_on' => $watched->shown === null ? null : ($watched->isSeenNow || $this->priced_on === null ? $today->toDateString() : $this->priced_on),
            'found_minor' => $watched->found?->minor,
            'price_state' => $watched->state,
            'page_problem' => $watched->problem,
            'misses' => $watched->misses,
        ]);
    }

    private function money(?int $minor): ?Money
    {
        return $minor === null ? null : Money::ofMinor($minor, Currency::of($this->marketplace->currency));
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /** @return BelongsTo<Marketplace, $this> */
    public function marketplace(): BelongsTo
    {
        return $this->belongsTo(Marketplace::class);
    }
}
