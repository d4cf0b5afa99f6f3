<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Shopfront\AfterAdding;

/** How a shop's own pages are arranged, as its form holds it: the one place where a field of it is named for the console. */
#[OA\Schema(schema: 'ShopfrontEntry', description: 'How a shop’s own pages are arranged; as typed.')]
final readonly class ShopfrontForm
{
    private function __construct(
        #[OA\Property]
        public ButtonsForm $buttons,
        #[OA\Property]
        public CaptionsForm $captions,
        #[OA\Property]
        public ShopWordsForm $words,
        #[OA\Property(ref: '#/components/schemas/AfterAdding')]
        public AfterAdding $after_adding,
        #[OA\Property]
        public bool $has_notice,
        #[OA\Property(ref: '#/components/schemas/AfterAdding')]
        public AfterAdding $notice_leads,
        #[OA\Property]
        public string $address,
        #[OA\Property(ref: CartColumnsForm::class, x: ['optional' => true])]
        public CartColumnsForm $cart_columns,
    ) {}

    public static function of(Shop $shop): self
    {
        $rules = $shop->shopfront;

        return new self(
            buttons: ButtonsForm::of($rules),
            captions: CaptionsForm::of($rules),
            words: ShopWordsForm::of($shop->words),
            after_adding: $rules->afterAdding,
            has_notice: $rules->hasNotice,
            notice_leads: $rules->noticeLeads,
            address: $rules->address ?? '',
            cart_columns: CartColumnsForm::of($rules->cartColumns),
        );
    }
}
