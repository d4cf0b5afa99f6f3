<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Look;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use PaperKite\Catalogue\TermsKind;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Draft;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\StateWords;

/** A draft, and the rows behind what it names. */
final readonly class DraftGoods
{
    /**
     * @param  list<Product|null>  $products  of each of its goods, in order
     * @param  Look  $look  the one that was chosen, or the shop's
     * @param  int|null  $lookId  `null` where the shop's is used, whichever that is
     */
    public function __construct(
        public Draft $draft,
        private array $products,
        public Look $look,
        public ?int $lookId,
    ) {}

    /** @return array<string, mixed> as the table of offers keeps them */
    public function attributes(): array
    {
        $typed = $this->draft;
        $ask = $typed->readAsk();
        $words = $typed->offer()->words->all();

        return [
            'destination' => $typed->onwards,
            'cart_use' => $typed->cartUse,
            'opening' => $typed->opening,
            'ask_label' => $ask?->label,
            'ask_least' => $ask?->least,
            'ask_most' => $ask?->most,
            'caption' => $words[ButtonState::Idle->value] ?? null,
            'words' => StateWords::of(array_diff_key($words, [ButtonState::Idle->value => true])),
            'landing' => $typed->readLanding(),
            // One that nobody may be led to is kept by no offer; where the click would lead there, it isn't saved at all.
            'page' => $typed->shop->allows($typed->readPage()) ? $typed->readPage() : null,
            'look_id' => $this->lookId,
        ];
    }

    /** As it would be once it is saved and live, with all that is told of it; it is in no table. */
    public function unsaved(Shop $shop): Offer
    {
        $offer = new Offer(['shop_id' => $shop->id, 'state' => OfferState::Live, ...$this->attributes()]);
        $lines = array_map(function (array $line): OfferLine {
            $product = $this->products[$line['position']] ?? throw new LogicException('A line is of a product.');

            return (new OfferLine($line))->setRelation('product', $product)->setRelation('variant', $product->variants->firstWhere('id', $line['variant_id']));
        }, $this->lines());

        return $offer->setRelation('shop', $shop)->setRelation('lines', new Collection($lines));
    }

    /** @return list<array{position: int, product_id: int, variant_id: int|null, quantity: int, terms: string, amount_minor: int|null}> as the table of lines keeps them */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->draft->items as $index => $item) {
            $product = $this->products[$index];
            if ($product !== null) {
                $variant = $product->variants->firstWhere('sku', $item->variant);
                $pick = $item->read()?->pick;
                $lines[] = ['position' => $index, 'product_id' => $product->id, 'variant_id' => $variant?->id, 'quantity' => $pick->quantity->pieces ?? 1, 'terms' => $pick->terms->kind->value ?? TermsKind::Once->value, 'amount_minor' => $pick?->terms->amount?->minor];
            }
        }

        return $lines;
    }
}
