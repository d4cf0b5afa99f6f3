<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use App\Http\Input;
use Illuminate\Http\Request;

/** Which things of a list are wanted, by id. */
final class Ids
{
    private const MOST = 50;

    /** @return list<int> */
    public static function of(Request $request): array
    {
        return array_map(intval(...), array_slice(explode(',', Input::text($request, 'ids')), 0, self::MOST));
    }
}
