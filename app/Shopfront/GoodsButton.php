<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Product;
use App\Models\Shop;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Purpose;
use PaperKite\Offer\StateWords;
use PaperKite\Offer\WordLadder;
use PaperKite\Shopfront\ButtonSet;
use PaperKite\Shopfront\ProductButtons;
use PaperKite\Shopfront\Surface;

/** A button beside a product in the shop's own pages, with its words in the states it goes through. */
final readonly class GoodsButton
{
    private function __construct(
        public Onwards $destination,
        public string $caption,
        public string $working,
        public string $added,
    ) {}

    /** @return list<self> in order */
    public static function listOf(Shop $shop, Product $product, Surface $surface): array
    {
        $set = ButtonSet::tryFrom($product->buttons[$surface->value] ?? '') ?? $shop->shopfront->buttons($surface);

        return array_map(static fn (Onwards $destination): self => self::of($shop, $product, $surface, $destination), $set->destinations());
    }

    public static function of(Shop $shop, Product $product, Surface $surface, Onwards $destination): self
    {
        $said = StateWords::of([ButtonState::Idle->value => $shop->shopfront->caption($surface, $destination)]);
        $own = StateWords::of([ButtonState::Idle->value => $product->buttons[ProductButtons::captionAt($surface, $destination)] ?? null]);
        $ladder = WordLadder::of($own, StateWords::none(), $said, $shop->words->beside());
        $word = static fn (ButtonState $state): string => $ladder->word($state, $destination->caption(Purpose::of([$product->kind->isGiven()])))->text;

        return new self($destination, $word(ButtonState::Idle), $word(ButtonState::Working), $word(ButtonState::Added));
    }

    public static function soldOut(Shop $shop): string
    {
        return WordLadder::ofOffer(StateWords::none(), $shop->words)->word(ButtonState::SoldOut, Onwards::Cart->caption())->text;
    }
}
