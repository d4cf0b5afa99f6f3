<?php

declare(strict_types=1);

use App\Http\Console\Deleting\DeletedController;
use Illuminate\Support\Facades\Route;

// What is deleted, and taken back.

Route::get('deleted', [DeletedController::class, 'list'])->can('read', 'shop');
Route::post('deleted/{kind}/{subject}', [DeletedController::class, 'set'])->where(['kind' => '[a-z_]{1,16}', 'subject' => '[0-9]{1,18}'])->can('work', 'shop');
