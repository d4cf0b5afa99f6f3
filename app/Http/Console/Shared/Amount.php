<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use OpenApi\Attributes as OA;
use PaperKite\Money\Money;

#[OA\Schema(description: 'An amount, to be typed and to be read.')]
final readonly class Amount
{
    private function __construct(
        #[OA\Property(description: 'Digits with a point and the currency’s decimals.', example: '9.80')]
        public string $decimal,
        #[OA\Property(description: 'As the shopper sees it.', example: '€9.80')]
        public string $shown,
    ) {}

    public static function of(Money $money): self
    {
        return new self($money->decimal(), $money->shown());
    }
}
