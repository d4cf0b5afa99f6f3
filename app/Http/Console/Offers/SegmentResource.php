<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Sentence;
use PaperKite\Offer\Slot;

#[OA\Schema(schema: 'Segment', description: 'A stretch of an offer’s sentence.')]
final readonly class SegmentResource
{
    private function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property(oneOf: [new OA\Schema(ref: '#/components/schemas/Slot'), new OA\Schema(type: 'null')])]
        public ?Slot $slot,
        #[OA\Property(description: 'Which of the offer’s goods the slot is about.')]
        public ?int $item,
        #[OA\Property(description: 'Whether the words are the seller’s own.')]
        public bool $is_quoted,
    ) {}

    /** @return list<self> */
    public static function listOf(Sentence $sentence): array
    {
        return array_map(static fn (Segment $segment) => new self($segment->text, $segment->slot, $segment->item, $segment->isQuoted), $sentence->segments);
    }
}
