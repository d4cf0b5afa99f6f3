<?php

declare(strict_types=1);

use App\Http\Console\Session\AccountController;
use App\Http\Console\Session\JoinController;
use App\Http\Console\Session\ListsController;
use App\Http\Console\Session\PasswordLinkController;
use App\Http\Console\Session\SetUpController;
use App\Http\Console\Session\SignInController;
use Illuminate\Support\Facades\Route;

// Who is there.

Route::post('sign-in', [SignInController::class, 'signIn'])->middleware('throttle:sign-in');
Route::get('set-up', [SetUpController::class, 'show']);
Route::post('set-up', [SetUpController::class, 'create'])->middleware('throttle:set-up');
Route::get('me', [SignInController::class, 'me']);
Route::post('sign-out', [SignInController::class, 'signOut'])->middleware('auth:sanctum');
Route::get('invitations/{token}', [JoinController::class, 'show'])->middleware('throttle:token');
Route::post('invitations/{token}', [JoinController::class, 'accept'])->middleware('throttle:token');
Route::post('password-links', [PasswordLinkController::class, 'send'])->middleware('throttle:password-link');
Route::get('password-links/{token}', [PasswordLinkController::class, 'show'])->middleware('throttle:token');
Route::post('password-links/{token}', [PasswordLinkController::class, 'use'])->middleware('throttle:token');

Route::prefix('me')->middleware(['auth:sanctum', 'throttle:password'])->group(function (): void {
    Route::put('password', [AccountController::class, 'changePassword']);
    Route::post('sign-out-everywhere', [AccountController::class, 'signOutEverywhere']);
    Route::post('second-factor', [AccountController::class, 'beginSecondFactor']);
    Route::post('second-factor/confirm', [AccountController::class, 'confirmSecondFactor']);
    Route::post('second-factor/codes', [AccountController::class, 'renewCodes']);
    Route::post('second-factor/end', [AccountController::class, 'endSecondFactor']);
});
Route::get('lists', ListsController::class)->middleware('auth:sanctum');
