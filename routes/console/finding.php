<?php

declare(strict_types=1);

use App\Http\Console\Finding\FindController;
use Illuminate\Support\Facades\Route;

// The command box.

Route::get('find', FindController::class)->can('read', 'shop');
