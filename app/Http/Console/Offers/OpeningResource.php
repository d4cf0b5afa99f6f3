<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Opening;

#[OA\Schema(schema: 'OpeningChoice', description: 'How what a click leads to can be opened.')]
final readonly class OpeningResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Opening')]
        public Opening $value,
        #[OA\Property(description: 'As it reads in the sentence.')]
        public string $words,
        #[OA\Property(description: 'What choosing it means.')]
        public string $note,
    ) {}

    public static function of(Opening $opening): self
    {
        return new self($opening, $opening->words(), $opening->note());
    }
}
