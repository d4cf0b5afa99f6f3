<?php

declare(strict_types=1);

use App\Http\Console\Session\ListsController;
use App\Http\Console\Session\SetUpController;
use App\Http\Console\Session\SignInController;
use Illuminate\Support\Facades\Route;

// Who is there.

Route::post('sign-in', [SignInController::class, 'signIn'])->middleware('throttle:sign-in');
Route::get('set-up', [SetUpController::class, 'show']);
Route::post('set-up', [SetUpController::class, 'create'])->middleware('throttle:set-up');
Route::get('me', [SignInController::class, 'me']);
Route::post('sign-out', [SignInController::class, 'signOut'])->middleware('auth:sanctum');
Route::get('lists', ListsController::class)->middleware('auth:sanctum');
