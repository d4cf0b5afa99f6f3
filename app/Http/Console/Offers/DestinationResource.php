<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Onwards;

#[OA\Schema(schema: 'DestinationChoice', description: 'A destination that an offer can have.')]
final readonly class DestinationResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Destination')]
        public Onwards $value,
        #[OA\Property(description: 'As it reads in the sentence.')]
        public string $words,
        #[OA\Property(description: 'What choosing it means.')]
        public string $note,
        #[OA\Property(description: 'Whether an offer that adds nothing can lead there.')]
        public bool $is_possible_without_goods,
    ) {}

    public static function of(Onwards $destination): self
    {
        return new self($destination, $destination->words(), $destination->note(), $destination->isPossibleWithoutGoods());
    }
}
