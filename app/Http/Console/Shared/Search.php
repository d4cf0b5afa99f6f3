<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use App\Http\Input;
use Illuminate\Http\Request;

/** What was typed to filter a list. */
final class Search
{
    private const LONGEST = 100;

    public static function typed(Request $request): string
    {
        return mb_substr(trim(mb_scrub(Input::text($request, 'search'), 'UTF-8')), 0, self::LONGEST);
    }
}
