<?php

declare(strict_types=1);

use App\Http\Console\History\HistoryController;
use Illuminate\Support\Facades\Route;

// What forms have said.

Route::get('history/{kind}/{subject}', HistoryController::class)->where(['kind' => '[a-z_]{1,16}', 'subject' => '[0-9]{1,18}'])->can('read', 'shop');
