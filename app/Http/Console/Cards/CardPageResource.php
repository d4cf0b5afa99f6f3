<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CardPage')]
final readonly class CardPageResource
{
    public function __construct(
        #[OA\Property(description: 'Whole address of the card as its holder sees it, with its code.')]
        public string $address,
    ) {}
}
