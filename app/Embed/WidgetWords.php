<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Shop;
use App\Shopfront\GoodsButton;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WidgetWords', description: 'What every widget of a shop may have to say.')]
final readonly class WidgetWords
{
    private function __construct(
        #[OA\Property(description: 'BCP 47.')]
        public string $language,
        #[OA\Property(description: 'Around the lowest of several prices, which goes where “{price}” stands.')]
        public string $from,
        #[OA\Property(description: 'Around the price of one piece, which goes where “{price}” stands.')]
        public string $each,
        #[OA\Property(description: 'Before the price that a sale has replaced, for those who can’t see that it is struck through; “{price}” stands for it.')]
        public string $before,
        #[OA\Property(description: 'Around the words that are in the cart; “{count}” stands for how many.')]
        public string $in_cart,
        #[OA\Property]
        public string $see_cart,
        #[OA\Property]
        public string $to_checkout,
        #[OA\Property(description: 'Beside a choice of which nothing is left.')]
        public string $sold_out,
        #[OA\Property(description: 'Where a click came to nothing.')]
        public string $failed,
        #[OA\Property(description: 'Where what was on the page is so no longer.')]
        public string $changed,
        #[OA\Property(description: 'Closes what is open over the page.')]
        public string $close,
        #[OA\Property(description: 'Turns to the picture before.')]
        public string $previous,
        #[OA\Property(description: 'Turns to the next picture.')]
        public string $next,
        #[OA\Property(description: 'Above the prices of all variants.')]
        public string $all_prices,
        #[OA\Property(description: 'Where the page lets no window open; the address stands where “{address}” does.')]
        public string $no_window,
        #[OA\Property(description: 'To the page before.')]
        public string $earlier,
        #[OA\Property(description: 'To the next page.')]
        public string $more,
    ) {}

    public static function of(Shop $shop): self
    {
        $say = $shop->wording();

        return new self(
            $say->language->value,
            $say->text('list.price_from'),
            $say->text('line.each'),
            $say->text('widget.before'),
            $say->text('widget.in_cart'),
            $say->text('list.see_cart'),
            $say->text('cart.to_checkout'),
            GoodsButton::soldOut($shop),
            $say->text('widget.failed'),
            $say->text('widget.changed'),
            $say->text('widget.close'),
            $say->text('widget.previous'),
            $say->text('widget.next'),
            $say->text('product.all_prices'),
            $say->text('widget.no_window'),
            $say->text('list.earlier'),
            $say->text('list.more'),
        );
    }
}
