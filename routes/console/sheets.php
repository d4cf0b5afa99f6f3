<?php

declare(strict_types=1);

use App\Http\Console\Orders\OrderSheetController;
use Illuminate\Support\Facades\Route;

// What is taken along to a spreadsheet program.

Route::get('orders.csv', OrderSheetController::class);
