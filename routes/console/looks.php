<?php

declare(strict_types=1);

use App\Http\Console\Looks\LookController;
use Illuminate\Support\Facades\Route;

// Looks.

Route::get('looks', [LookController::class, 'list']);
Route::post('looks', [LookController::class, 'create']);
Route::post('looks/trial', [LookController::class, 'try']);
Route::put('looks/{look}', [LookController::class, 'change']);
Route::post('looks/{look}/earlier', [LookController::class, 'putBack']);
Route::post('looks/{look}/usual', [LookController::class, 'makeUsual']);
Route::post('looks/{look}/away', [LookController::class, 'putAway']);
