<?php

declare(strict_types=1);

use App\Http\Console\History\KeepBoth;
use App\Http\Console\Looks\IconController;
use App\Http\Console\Looks\LookController;
use App\Http\Console\Looks\PageLookController;
use App\Http\Console\Once\OnlyOnce;
use Illuminate\Support\Facades\Route;

// Looks.

Route::get('looks', [LookController::class, 'list'])->can('read', 'shop');
Route::post('looks', [LookController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::get('page-look', [PageLookController::class, 'show'])->can('read', 'shop');
Route::put('page-look', [PageLookController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':page_look');
Route::post('page-look/trial', [PageLookController::class, 'try'])->can('read', 'shop');
Route::post('looks/icons', IconController::class)->middleware('throttle:pictures')->can('work', 'shop');
Route::post('looks/trial', [LookController::class, 'try'])->can('read', 'shop');
Route::put('looks/{look}', [LookController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':look,look');
Route::post('looks/{look}/earlier', [LookController::class, 'putBack'])->can('work', 'shop');
Route::post('looks/{look}/usual', [LookController::class, 'makeUsual'])->can('work', 'shop');
Route::post('looks/{look}/away', [LookController::class, 'putAway'])->can('work', 'shop');
