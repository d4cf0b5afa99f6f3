<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Marketplace;
use App\Models\PartnerAddress;
use App\Models\Product;
use App\Models\Shop;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use PaperKite\Money\Money;
use PaperKite\Partner\EnteredAddress;
use PaperKite\Partner\Item;
use PaperKite\Partner\Price\WatchedPrice;

/** Writes where a product is to be had. A price that did not change keeps the day on which it was seen. */
final readonly class SaveAddresses
{
    public function __construct(private Clock $clock) {}

    /** @param  list<EnteredAddress>  $addresses */
    public function __invoke(Shop $shop, Product $product, array $addresses): void
    {
        $today = $this->clock->now()->setTimezone($shop->zone());
        $product->addresses()->whereNotIn('marketplace_id', array_map(static fn (EnteredAddress $address): int => $address->marketplaceId, $addresses))->delete();
        // One at a time is for everybody else.
        $product->addresses()->update(['is_fallback' => null]);
        $before = $product->addresses()->with('marketplace')->lockForUpdate()->get()->keyBy('marketplace_id');
        foreach ($addresses as $position => $address) {
            $known = $before->get($address->marketplaceId);
            $row = $known !== null && $known->target == $address->target ? $known : ($known ?? new PartnerAddress)->forceFill($this->unseen($address));
            $row->setRelation('marketplace', $known->marketplace ?? Marketplace::query()->findOrFail($address->marketplaceId));
            $this->priced($row, $address->price, $today)->forceFill([
                'shop_id' => $product->shop_id,
                'product_id' => $product->id,
                'marketplace_id' => $address->marketplaceId,
                'position' => $position,
                'target' => $address->target,
                'is_fallback' => $address->isFallback ? true : null,
                'category' => $address->category,
            ])->save();
        }
    }

    private function priced(PartnerAddress $row, ?Money $price, CarbonImmutable $today): PartnerAddress
    {
        $isSame = $row->exists && $row->price_minor === $price?->minor;
        $row->keepWatched($row->exists ? $row->watched()->showing($price) : new WatchedPrice($price), $today);
        // A price that is written anew was looked up today.
        $row->priced_on = $price === null ? null : ($isSame ? $row->priced_on : $today);

        return $row;
    }

    /** @return array<string, mixed> of another item nothing is known */
    private function unseen(EnteredAddress $address): array
    {
        return ['price_state' => null, 'page_problem' => null, 'misses' => 0, 'found_minor' => null, 'checked_at' => null, 'check_at' => $address->target instanceof Item ? $this->clock->now() : null];
    }
}
