<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Carts\CartRow;
use App\Models\PictureFile;
use App\Models\Shop;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ShownCartRow', description: 'A line of a cart, in the shop’s words.')]
final readonly class ShownRowResource
{
    /** @param  list<string>  $details */
    private function __construct(
        #[OA\Property(description: 'By which a change names it.')]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Of the page with all about it; a whole address of the shop.')]
        public string $href,
        #[OA\Property(description: 'What was chosen of it, and when it takes place.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $details,
        #[OA\Property(description: 'A whole address; null: none, or the shop shows none in its cart.')]
        public ?string $picture,
        #[OA\Property]
        public int $quantity,
        #[OA\Property(description: 'What the field for the quantity is called; blank: it can’t be changed here.')]
        public string $quantity_label,
        #[OA\Property(description: 'What the button is called that takes it out; blank: there is none.')]
        public string $remove_label,
        #[OA\Property(description: 'Of one piece; blank: it can’t be told, or the shop shows none in its cart.')]
        public string $price,
        #[OA\Property(description: 'Without the sale; blank: none is on.')]
        public string $regular,
        #[OA\Property(description: 'Why a piece costs what it costs; blank: there is nothing to say.')]
        public string $because,
        #[OA\Property(description: 'Blank: it can’t be told.')]
        public string $subtotal,
        #[OA\Property(description: 'What is wrong with it, and what to do; blank: nothing.')]
        public string $error,
        #[OA\Property(description: 'What has changed since the shopper last looked; blank: nothing.')]
        public string $notice,
    ) {}

    /** @param  string|null  $error  of what was typed; `null`: none */
    public static function of(CartRow $row, Shop $shop, ?string $error): self
    {
        $columns = $shop->shopfront->cartColumns;
        $say = $shop->wording();
        $choices = array_map(static fn (string $option, string $choice): string => "{$option}: {$choice}", array_keys($row->choices), $row->choices);

        return new self(
            id: $row->id,
            name: $row->product,
            href: $shop->base().'/p/'.rawurlencode($row->sku),
            details: array_values(array_filter([...$choices, $row->when])),
            picture: $columns->picture && $row->picture !== '' ? $shop->base().PictureFile::smallPath($row->picture) : null,
            quantity: $row->quantity,
            quantity_label: $row->isAmount || ! $columns->quantity ? '' : $say->say('line.quantity', name: $row->name),
            remove_label: $columns->remove || $row->isAmount ? $say->say('line.remove_it', name: $row->name) : '',
            price: $columns->priceEach ? $row->price : '',
            regular: $columns->priceEach ? $row->regularPrice : '',
            because: $columns->priceEach ? $row->because ?? '' : '',
            subtotal: $row->subtotal,
            error: $error ?? $row->obstacle ?? '',
            notice: $row->notice ?? '',
        );
    }
}
