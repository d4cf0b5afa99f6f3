<?php

declare(strict_types=1);

use App\Http\Console\Orders\MoveOrdersController;
use App\Http\Console\Orders\OrderController;
use App\Http\Console\Orders\RefusedEventController;
use Illuminate\Support\Facades\Route;

// Orders, and events that were refused.

Route::get('orders', [OrderController::class, 'list']);
Route::post('orders/goods', MoveOrdersController::class);
Route::get('orders/{order:number}', [OrderController::class, 'show']);
Route::get('refused-events', RefusedEventController::class);
