<?php

declare(strict_types=1);

use App\Http\Console\Cards\GiftCardController;
use App\Http\Console\Once\OnlyOnce;
use Illuminate\Support\Facades\Route;

// Gift cards that were sold.

Route::get('gift-cards', [GiftCardController::class, 'list'])->can('read', 'shop');
Route::get('gift-cards/{giftCard}', [GiftCardController::class, 'show'])->can('read', 'shop');
Route::post('gift-cards/{giftCard}/send', [GiftCardController::class, 'send'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('gift-cards/{giftCard}/print', [GiftCardController::class, 'print'])->can('work', 'shop');
Route::post('gift-cards/{giftCard}/void', [GiftCardController::class, 'void'])->can('work', 'shop');
