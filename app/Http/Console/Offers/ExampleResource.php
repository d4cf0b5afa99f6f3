<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Offers\OfferForm;
use OpenApi\Attributes as OA;
use PaperKite\Offer\Example;
use PaperKite\Offer\Sentence;

#[OA\Schema(schema: 'Example', description: 'An offer to begin from.')]
final readonly class ExampleResource
{
    /** @param  list<list<SegmentResource>>  $sentences */
    private function __construct(
        #[OA\Property(type: 'string', enum: Example::class)]
        public Example $key,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'What it is good for.')]
        public string $note,
        #[OA\Property(description: 'One of each offer; none where the shop lacks the goods for it.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(ref: SegmentResource::class)))]
        public array $sentences,
        #[OA\Property(description: 'The first of its offers, for the desk; null where there is none.', oneOf: [new OA\Schema(ref: OfferForm::class), new OA\Schema(type: 'null')])]
        public ?OfferForm $entry,
        #[OA\Property(description: 'What it takes.')]
        public string $needs,
    ) {}

    /** @param  list<Sentence>  $sentences */
    public static function of(Example $example, array $sentences, ?OfferForm $entry): self
    {
        return new self($example, $example->title(), $example->note(), array_map(SegmentResource::listOf(...), $sentences), $entry, $example->needs());
    }
}
