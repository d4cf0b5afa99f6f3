<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\LookForm;
use App\Models\Look;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OfferLook', description: 'A look, as offers in a list wear it.')]
final readonly class OfferLookResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public LookForm $entry,
        #[OA\Property(description: 'Whether others can still be given it.')]
        public bool $is_away,
    ) {}

    public static function of(Look $look): self
    {
        return new self($look->id, LookForm::of($look->name, $look->values), $look->put_away_at !== null);
    }
}
