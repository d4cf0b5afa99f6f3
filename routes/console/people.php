<?php

declare(strict_types=1);

use App\Http\Console\Once\OnlyOnce;
use App\Http\Console\People\PeopleController;
use Illuminate\Support\Facades\Route;

// Who works in the shop.

Route::get('people', [PeopleController::class, 'list'])->can('people', 'shop');
Route::post('invitations', [PeopleController::class, 'invite'])->can('people', 'shop')->middleware(OnlyOnce::class);
Route::delete('invitations/{invitation}', [PeopleController::class, 'withdraw'])->can('people', 'shop');
Route::put('people/{person}', [PeopleController::class, 'change'])->can('people', 'shop');
Route::delete('people/{person}', [PeopleController::class, 'remove'])->can('people', 'shop');
Route::post('leave', [PeopleController::class, 'leave'])->can('read', 'shop');
