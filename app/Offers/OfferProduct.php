<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\Editing;
use App\Database\InTransaction;
use App\Database\OneAtATime;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Validation\ValidationException;
use PaperKite\Catalogue\TermsKind;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Text\FormInput;

/** A product's own link or button, from the product: the offer and the place that it needs are made once. */
final readonly class OfferProduct
{
    /** What the place is called, until the seller says where it stands. */
    private const PAGE = 'Copied from the product';

    public function __construct(
        private BlankOffer $begin,
        private ReadDraft $read,
        private SaveOffer $save,
        private PlaceOffer $place,
        private Obstacles $obstacles,
        private InTransaction $inTransaction,
        private OneAtATime $oneAtATime,
    ) {}

    /**
     * @param  string  $medium  a key of the media
     *
     * @throws ValidationException where it can't go live yet, with the reasons
     */
    public function __invoke(Shop $shop, Product $product, string $medium, Editing $editing): Placement
    {
        return ($this->oneAtATime)("offer-product-{$product->id}", fn (): Placement => ($this->inTransaction)(function () use ($shop, $product, $medium, $editing): Placement {
            $offer = $this->found($shop, $product) ?? $this->made($shop, $product, $editing);

            return $offer->placements()->where(['page' => self::PAGE, 'medium' => $medium])->whereNull('price_table_id')->first()
                ?? ($this->place)($offer, ['page' => self::PAGE, 'medium' => $medium]);
        }));
    }

    /** One that sells a piece of it and nothing else, as a new one would. */
    private function found(Shop $shop, Product $product): ?Offer
    {
        $isIt = static fn (Builder $lines): Builder => $lines->where(['product_id' => $product->id, 'quantity' => 1, 'terms' => TermsKind::Once->value])->whereNull('variant_id');

        return Offer::query()->where(['shop_id' => $shop->id, 'state' => OfferState::Live, 'destination' => Onwards::Pay, 'cart_use' => CartUse::JustThis])->whereNull('ask_label')
            ->has('lines', '=', 1)->whereHas('lines', $isIt)->whereHas('placements', static fn (Builder $places): Builder => $places->where('page', self::PAGE))
            ->orderBy('id')->first();
    }

    private function made(Shop $shop, Product $product, Editing $editing): Offer
    {
        $blank = ($this->begin)($shop, $product->id) ?? throw new \LogicException('There is a product.');
        $offer = ($this->save)($shop, null, ($this->read)($shop, FormInput::ofForm(OfferForm::of($blank)), []), $editing);
        $obstacles = ($this->obstacles)($offer, $shop);
        if ($obstacles !== []) {
            throw ValidationException::withMessages(['product' => $obstacles]);
        }
        $offer->update(['state' => OfferState::Live]);

        return $offer;
    }
}
