<?php

declare(strict_types=1);

use App\Http\Console\Once\OnlyOnce;
use App\Http\Console\Orders\DownloadController;
use App\Http\Console\Orders\MoveOrdersController;
use App\Http\Console\Orders\OrderController;
use App\Http\Console\Orders\OrderNoteController;
use App\Http\Console\Orders\RefundController;
use App\Http\Console\Orders\RefusedEventController;
use Illuminate\Support\Facades\Route;

// Orders, and events that were refused.

Route::get('orders', [OrderController::class, 'list'])->can('read', 'shop');
Route::post('orders/goods', MoveOrdersController::class)->can('work', 'shop');
Route::get('orders/{order:number}', [OrderController::class, 'show'])->can('read', 'shop');
Route::put('orders/{order:number}/note', OrderNoteController::class)->can('work', 'shop');
Route::post('orders/{order:number}/downloads/{download}/fresh', [DownloadController::class, 'fresh'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('orders/{order:number}/downloads/{download}/stop', [DownloadController::class, 'stop'])->can('work', 'shop');
Route::post('orders/{order:number}/cancel', [RefundController::class, 'cancel'])->can('work', 'shop');
Route::post('orders/{order:number}/refunds', [RefundController::class, 'refund'])->can('work', 'shop');
Route::post('orders/{order:number}/refunds/trial', [RefundController::class, 'try'])->can('read', 'shop');
Route::get('refused-events', RefusedEventController::class)->can('read', 'shop');
