<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Models\Placement;
use App\Offers\OfferSnippets;
use OpenApi\Attributes as OA;
use PaperKite\Medium\Media;

#[OA\Schema(schema: 'StaleCopy', description: 'A place whose copy no longer says what its offer says.')]
final readonly class CopyResource
{
    private function __construct(
        #[OA\Property]
        public int $placement_id,
        #[OA\Property]
        public int $offer_id,
        #[OA\Property]
        public string $page,
        #[OA\Property]
        public string $medium,
        #[OA\Property(description: 'RFC 3339.')]
        public string $copied_at,
        #[OA\Property(description: 'What is to be pasted in its place.')]
        public string $snippet,
        #[OA\Property(description: 'SHA-256 of the snippet.')]
        public string $digest,
    ) {}

    public static function of(Placement $placement, OfferSnippets $snippets): self
    {
        $snippet = $snippets->snippet($placement);

        return new self($placement->id, $placement->offer_id, $placement->page, Media::get($placement->medium)->label(), $placement->copied_at?->toRfc3339String() ?? '', $snippet, hash('sha256', $snippet));
    }
}
