<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Models\Shop;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CartWords', description: 'What stands around a cart that is shown.')]
final readonly class CartWordsResource
{
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $empty,
        #[OA\Property]
        public string $close,
        #[OA\Property]
        public string $remove,
        #[OA\Property]
        public string $put_back,
        #[OA\Property]
        public string $why,
        #[OA\Property]
        public string $bill,
        #[OA\Property(description: 'Above the field.')]
        public string $coupon,
        #[OA\Property]
        public string $use_coupon,
        #[OA\Property]
        public string $take_coupon_out,
    ) {}

    public static function of(Shop $shop): self
    {
        $say = $shop->wording();

        return new self(
            $say->say('cart.title'),
            $say->say('cart.empty'),
            $say->say('widget.close'),
            $say->say('line.remove'),
            $say->say('cart.put_back'),
            $say->say('bill.why'),
            $say->say('cart.bill'),
            $say->say('coupon.label'),
            $say->say('coupon.use'),
            $say->say('coupon.out'),
        );
    }
}
