<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Models\OrderStep;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OrderStep', description: 'What the goods became, when, and who said so.')]
final readonly class OrderStepResource
{
    private function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property(description: 'Null: somebody who is gone, or a command.')]
        public ?string $person,
        #[OA\Property(description: 'Blank where it was not said.')]
        public string $carrier,
        #[OA\Property(description: 'An https address at which the parcel can be followed; blank where there is none.')]
        public string $tracking,
    ) {}

    public static function of(OrderStep $step): self
    {
        return new self($step->goods_state->label(), $step->at->toIso8601ZuluString(), $step->person?->name, $step->carrier, $step->tracking);
    }
}
