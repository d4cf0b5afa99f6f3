<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use OpenApi\Attributes as OA;
use PaperKite\Order\MoneyState;

#[OA\Schema(schema: 'MoneyStateChoice', description: 'How far money has come, in words.')]
final readonly class MoneyStateResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/MoneyState')]
        public MoneyState $state,
        #[OA\Property]
        public string $label,
    ) {}

    public static function of(MoneyState $state): self
    {
        return new self($state, $state->label());
    }
}
