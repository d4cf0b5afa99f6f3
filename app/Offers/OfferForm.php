<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\OfferLine;
use App\Shopfront\WordsForm;
use OpenApi\Attributes as OA;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;

/** An offer as it stands on the desk: the one place where a field of it is named for the console. `ReadDraft` reads what comes back. */
#[OA\Schema(schema: 'OfferEntry', properties: [new OA\Property(property: 'country', description: 'Where the bill of the proof is for, ISO 3166-1.', type: 'string', x: ['optional' => true])])]
final readonly class OfferForm
{
    /** @param  list<OfferItemForm>  $items */
    private function __construct(
        #[OA\Property(description: 'None: the shopper’s cart as it is.', type: 'array', items: new OA\Items(ref: OfferItemForm::class))]
        public array $items,
        #[OA\Property(ref: '#/components/schemas/Destination')]
        public Onwards $destination,
        #[OA\Property(ref: '#/components/schemas/CartUse')]
        public CartUse $cart_use,
        #[OA\Property(ref: '#/components/schemas/Opening')]
        public Opening $opening,
        #[OA\Property]
        public AskForm $ask,
        #[OA\Property]
        public WordsForm $words,
        #[OA\Property(description: 'Null: the shop’s.')]
        public ?int $look_id,
        #[OA\Property(description: 'Where the shopper lands afterwards; blank: as the shop has it.')]
        public string $landing,
        #[OA\Property(description: 'Where the click leads, where that is a page of the seller’s own.')]
        public string $page,
    ) {}

    /** @param  Offer  $offer  with its lines */
    public static function of(Offer $offer): self
    {
        return new self(
            items: array_values($offer->lines->map(static fn (OfferLine $line): OfferItemForm => OfferItemForm::of($line))->all()),
            destination: $offer->destination,
            cart_use: $offer->cart_use,
            opening: $offer->opening,
            ask: AskForm::of($offer),
            words: WordsForm::of($offer->ownWords()),
            look_id: $offer->look_id,
            landing: $offer->landing ?? '',
            page: $offer->page ?? '',
        );
    }
}
