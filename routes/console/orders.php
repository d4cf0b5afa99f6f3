<?php

declare(strict_types=1);

use App\Http\Console\Orders\MoveOrdersController;
use App\Http\Console\Orders\OrderController;
use App\Http\Console\Orders\OrderNoteController;
use App\Http\Console\Orders\RefundController;
use App\Http\Console\Orders\RefusedEventController;
use Illuminate\Support\Facades\Route;

// Orders, and events that were refused.

Route::get('orders', [OrderController::class, 'list']);
Route::post('orders/goods', MoveOrdersController::class);
Route::get('orders/{order:number}', [OrderController::class, 'show']);
Route::put('orders/{order:number}/note', OrderNoteController::class);
Route::post('orders/{order:number}/cancel', [RefundController::class, 'cancel']);
Route::post('orders/{order:number}/refunds', [RefundController::class, 'refund']);
Route::post('orders/{order:number}/refunds/trial', [RefundController::class, 'try']);
Route::get('refused-events', RefusedEventController::class);
