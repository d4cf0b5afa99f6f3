<?php

declare(strict_types=1);

namespace App\Offers;

use App\Looks\ReadLooks;
use App\Models\Look;
use App\Models\Product;
use App\Models\Shop;
use PaperKite\Look\LookCheck;
use PaperKite\Look\LookDoubt;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Draft;
use PaperKite\Offer\DraftAsk;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\DraftLook;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Place;
use PaperKite\Text\FormInput;

/** Reads what stands on the desk, with the goods that it names, in few reads however many they are. */
final readonly class ReadDraft
{
    public function __construct(private ReadLooks $looks) {}

    /** @param  list<Place>  $places  where the offer stands */
    public function __invoke(Shop $shop, FormInput $typed, array $places): DraftGoods
    {
        $items = $typed->items('items');
        $ids = array_filter(array_map(static fn (FormInput $item): ?int => $item->id('product_id'), $items), is_int(...));
        $found = $shop->products()->whereKey($ids)->with(['variants', 'addresses.marketplace.partner', 'addresses.marketplace.hosts'])->get()->keyBy('id')->all();
        $products = array_map(static fn (FormInput $item): ?Product => $found[$item->id('product_id') ?? 0] ?? null, $items);
        $book = ($this->looks)($shop);
        $look = $book->chosen($typed->id('look_id'));

        return new DraftGoods(new Draft(
            items: array_map($this->item(...), $items, $products),
            onwards: Onwards::from($typed->text('destination')),
            cartUse: CartUse::from($typed->text('cart_use')),
            opening: Opening::from($typed->text('opening')),
            ask: $this->ask($typed->part('ask')),
            words: $this->words($typed->part('words')),
            landing: $typed->text('landing'),
            page: $typed->text('page'),
            shop: $shop->setting($places),
            look: $this->look($look),
        ), $products, $look, $book->find($typed->id('look_id'))?->id);
    }

    private function item(FormInput $item, ?Product $product): DraftItem
    {
        if ($product?->kind->isElsewhere() === true) {
            return new DraftItem(null, '', $item->text('quantity'), $product->lead()?->alt === '', '', $product->toPartnerGoods());
        }

        return new DraftItem($product?->toCore(), $item->text('variant'), $item->text('quantity'), $product?->lead()?->alt === '', $item->decimal('amount'));
    }

    private function ask(FormInput $ask): DraftAsk
    {
        return new DraftAsk($ask->isOn('is_asked'), $ask->text('label'), $ask->text('least'), $ask->text('most'));
    }

    /** @return array<string, string> */
    private function words(FormInput $words): array
    {
        $typed = [];
        foreach (ButtonState::cases() as $state) {
            $typed[$state->value] = $words->text($state->value);
        }

        return $typed;
    }

    private function look(Look $look): DraftLook
    {
        return new DraftLook($look->name, array_map(static fn (LookDoubt $doubt): string => $doubt->sentence, LookCheck::of($look->values)), $look->values->lettersInALine());
    }
}
