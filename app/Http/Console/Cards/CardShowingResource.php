<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use App\Models\CardShowing;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CardShowing', description: 'That somebody was shown the code of a gift card.')]
final readonly class CardShowingResource
{
    private function __construct(
        #[OA\Property(description: 'How, in words.')]
        public string $label,
        #[OA\Property(description: 'Null: nobody of the shop.')]
        public ?string $person,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {}

    /** @param  CardShowing  $showing  with its person */
    public static function of(CardShowing $showing): self
    {
        return new self(match ($showing->how) {
            CardShowing::MAILED => 'Mailed',
            CardShowing::PRINTED => 'Opened to print',
            default => 'Opened by its link',
        }, $showing->person?->name, $showing->at->toIso8601ZuluString());
    }
}
