<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\ShortForm;

#[OA\Schema(schema: 'OfferShort', description: 'An offer in a line.')]
final readonly class OfferShortResource
{
    private function __construct(
        #[OA\Property(description: 'What its button says.')]
        public string $caption,
        #[OA\Property(description: 'What the shopper gets.')]
        public string $goods,
        #[OA\Property(description: 'Where they go, after “goes”.')]
        public string $leads,
        #[OA\Property(description: 'What a shopper pays who takes it alone; blank: that can’t be told.')]
        public string $amount,
        #[OA\Property(description: 'Whether any of the goods has too little left for one click.')]
        public bool $is_sold_out,
    ) {}

    public static function of(ShortForm $short): self
    {
        return new self($short->caption, $short->goods, $short->leads, $short->amount?->shown() ?? '', $short->isSoldOut);
    }
}
