<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Shop;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Destination;
use PaperKite\Shopfront\Surface;

/** How a shop's own pages are arranged, as it stands in its form. */
final class ShopfrontForm
{
    /** @return array<string, mixed> in the form of the API's ShopfrontEntry */
    public static function of(Shop $shop): array
    {
        $rules = $shop->shopfront;
        $buttons = $captions = $words = [];
        foreach (Surface::cases() as $surface) {
            $buttons[$surface->value] = $rules->buttons($surface)->value;
            foreach ([Destination::Cart, Destination::Pay] as $destination) {
                $captions["{$surface->value}_{$destination->value}"] = $rules->caption($surface, $destination) ?? '';
            }
        }
        foreach (ButtonState::cases() as $state) {
            $words[$state->value] = $shop->words->word($state) ?? '';
        }

        return [
            'buttons' => $buttons, 'captions' => $captions, 'words' => $words, 'after_adding' => $rules->afterAdding->value,
            'has_notice' => $rules->hasNotice, 'notice_leads' => $rules->noticeLeads->value, 'address' => $rules->address ?? '',
        ];
    }
}
