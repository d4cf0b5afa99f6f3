<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Models\Placement;
use OpenApi\Attributes as OA;
use PaperKite\Medium\Media;

#[OA\Schema(schema: 'Place', description: 'Where an offer hangs, in the list.')]
final readonly class PlaceResource
{
    private function __construct(
        #[OA\Property]
        public string $page,
        #[OA\Property(description: 'As a person reads it.')]
        public string $medium,
        #[OA\Property]
        public bool $is_paused,
        #[OA\Property(description: 'Whether the copy that was taken no longer says what the offer says.')]
        public bool $is_stale,
    ) {}

    public static function of(Placement $placement): self
    {
        return new self($placement->page, Media::get($placement->medium)->label(), $placement->paused_at !== null, $placement->is_stale);
    }
}
