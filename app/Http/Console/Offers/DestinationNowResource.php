<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\DestinationChoice;
use PaperKite\Offer\Onwards;

#[OA\Schema(schema: 'DestinationNow', description: 'A destination that works with what stands on the desk.')]
final readonly class DestinationNowResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Destination')]
        public Onwards $value,
        #[OA\Property(description: 'As it reads in the sentence.')]
        public string $words,
        #[OA\Property(description: 'What choosing it means.')]
        public string $note,
    ) {}

    public static function of(DestinationChoice $choice): self
    {
        return new self($choice->value, $choice->words, $choice->note);
    }
}
