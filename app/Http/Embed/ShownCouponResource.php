<?php

declare(strict_types=1);

namespace App\Http\Embed;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ShownCoupon', description: 'The coupon of a cart.')]
final readonly class ShownCouponResource
{
    public function __construct(
        #[OA\Property(description: 'What is in it, in a sentence; blank: none is.')]
        public string $in,
        #[OA\Property(description: 'Why it takes nothing off; blank: it does, or none is in it.')]
        public string $finding,
        #[OA\Property(description: 'What is wrong with what was typed; blank: nothing.')]
        public string $error,
    ) {}
}
