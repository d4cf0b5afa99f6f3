<?php

declare(strict_types=1);

namespace App\Shopfront;

use OpenApi\Attributes as OA;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\StateWords;

/** What a button says in each state, as its form holds it; blank: as the next more general says. */
#[OA\Schema(schema: 'WordsEntry', description: 'What a button says in each state, as typed; blank: as the next more general says.')]
final readonly class WordsForm
{
    private function __construct(
        #[OA\Property]
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

    public static function of(StateWords $words): self
    {
        return new self(
            idle: $words->word(ButtonState::Idle) ?? '',
            working: $words->word(ButtonState::Working) ?? '',
            added: $words->word(ButtonState::Added) ?? '',
            sold_out: $words->word(ButtonState::SoldOut) ?? '',
            not_available: $words->word(ButtonState::NotAvailable) ?? '',
        );
    }
}
