<?php

declare(strict_types=1);

namespace App\Shopfront;

use OpenApi\Attributes as OA;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\ShopWords;

/** What buttons say everywhere, as its form holds it. */
#[OA\Schema(schema: 'ShopWordsEntry', description: 'What buttons say everywhere, as typed; blank: as built in.')]
final readonly class ShopWordsForm
{
    private function __construct(
        #[OA\Property(description: 'In place of “Add to cart”.')]
        public string $adding,
        #[OA\Property(description: 'In place of “Buy now”.')]
        public string $buying,
        #[OA\Property(description: 'On any other button of an offer.')]
        public string $idle,
        #[OA\Property]
        public string $working,
        #[OA\Property]
        public string $added,
        #[OA\Property]
        public string $sold_out,
        #[OA\Property]
        public string $not_available,
    ) {}

    public static function of(ShopWords $words): self
    {
        return new self(
            adding: $words->adding ?? '',
            buying: $words->buying ?? '',
            idle: $words->states->word(ButtonState::Idle) ?? '',
            working: $words->states->word(ButtonState::Working) ?? '',
            added: $words->states->word(ButtonState::Added) ?? '',
            sold_out: $words->states->word(ButtonState::SoldOut) ?? '',
            not_available: $words->states->word(ButtonState::NotAvailable) ?? '',
        );
    }
}
