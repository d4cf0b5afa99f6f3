<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\PartnerAddress;
use App\Models\Product;
use App\Models\Shop;
use App\Time\Clock;
use PaperKite\Partner\EnteredAddress;

/** Writes where a product is to be had. A price that did not change keeps the day on which it was seen. */
final readonly class SaveAddresses
{
    public function __construct(private Clock $clock) {}

    /** @param  list<EnteredAddress>  $addresses */
    public function __invoke(Shop $shop, Product $product, array $addresses): void
    {
        $today = $this->clock->now()->setTimezone($shop->zone())->toDateString();
        $before = $product->addresses()->get()->keyBy('marketplace_id');
        $product->addresses()->delete();
        foreach ($addresses as $position => $address) {
            $known = $before->get($address->marketplaceId);
            $isSeenAnew = $known === null || $known->price_minor !== $address->price?->minor;
            PartnerAddress::query()->create([
                'shop_id' => $product->shop_id,
                'product_id' => $product->id,
                'marketplace_id' => $address->marketplaceId,
                'position' => $position,
                'target' => $address->target,
                'is_fallback' => $address->isFallback ? true : null,
                'price_minor' => $address->price?->minor,
                'priced_on' => $address->price === null ? null : ($isSeenAnew ? $today : $known->priced_on?->toDateString()),
            ]);
        }
    }
}
