<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use OpenApi\Attributes as OA;
use PaperKite\GiftCard\CardState;

#[OA\Schema(schema: 'CardStateCount')]
final readonly class CardStateCountResource
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/CardState')]
        public CardState $state,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public int $count,
    ) {}
}
