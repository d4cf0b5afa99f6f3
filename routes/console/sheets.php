<?php

declare(strict_types=1);

use App\Http\Console\Orders\OrderSheetController;
use App\Http\Console\Orders\PackingSlipController;
use Illuminate\Support\Facades\Route;

// What is taken along to a spreadsheet program, or printed.

Route::get('orders.csv', OrderSheetController::class)->can('read', 'shop');
Route::get('slips', PackingSlipController::class)->can('read', 'shop');
