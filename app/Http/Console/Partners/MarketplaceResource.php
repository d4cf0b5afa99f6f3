<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Models\Marketplace;
use App\Partners\MarketplaceForm;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Marketplace')]
final readonly class MarketplaceResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
        #[OA\Property(description: 'Whether it is archived, and no longer offered for products.')]
        public bool $is_away,
        #[OA\Property(description: 'How many products are to be had there.')]
        public int $products,
        #[OA\Property(description: 'What counts as the seller’s sale: “Whatever is bought within 24 hours”.')]
        public string $counts,
        #[OA\Property]
        public MarketplaceForm $entry,
    ) {}

    /** @param  Marketplace  $marketplace  with its partner, its hosts, and how many addresses it has */
    public static function of(Marketplace $marketplace, int $version): self
    {
        $count = $marketplace->getAttribute('addresses_count');
        $hours = $marketplace->counts_for_hours;
        $time = match (true) {
            $hours === 1 => 'one hour',
            $hours % 24 === 0 && $hours > 24 => intdiv($hours, 24).' days',
            default => "{$hours} hours",
        };

        return new self(
            id: $marketplace->id,
            version: $version,
            is_away: $marketplace->put_away_at !== null,
            products: is_numeric($count) ? (int) $count : 0,
            counts: ucfirst($marketplace->counts->words())." within {$time} after the click",
            entry: MarketplaceForm::of($marketplace),
        );
    }
}
