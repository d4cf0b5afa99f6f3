<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Models\OfferVersion;
use OpenApi\Attributes as OA;
use PaperKite\Offer\SentenceDifference;

#[OA\Schema(schema: 'OfferVersion', description: 'A page of an offer’s history.')]
final readonly class OfferVersionResource
{
    /**
     * @param  list<StretchResource>  $difference
     */
    private function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(description: 'RFC 3339.')]
        public string $at,
        #[OA\Property(description: 'Who changed it; null: somebody who is gone, or a command.')]
        public ?string $person,
        #[OA\Property(description: 'Its sentence beside the one before.', type: 'array', items: new OA\Items(ref: StretchResource::class))]
        public array $difference,
        #[OA\Property(ref: '#/components/schemas/OfferEntry', description: 'What stood on the desk.')]
        public object $entry,
    ) {}

    /** @param  OfferVersion|null  $before  `null` for the first */
    public static function of(OfferVersion $version, ?OfferVersion $before): self
    {
        return new self(
            $version->version,
            $version->created_at->toRfc3339String(),
            $version->person?->name,
            array_map(StretchResource::of(...), SentenceDifference::of($before->sentence ?? $version->sentence, $version->sentence)),
            (object) $version->entry,
        );
    }
}
