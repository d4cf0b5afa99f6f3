<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Offers\OfferForm;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BlankOffer')]
final readonly class BlankOfferResource
{
    public function __construct(
        #[OA\Property(oneOf: [new OA\Schema(ref: OfferForm::class), new OA\Schema(type: 'null')], description: 'Something in every slot; null where the shop has no product.')]
        public ?OfferForm $entry,
    ) {}
}
