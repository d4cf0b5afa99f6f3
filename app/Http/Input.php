<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** What a form or an address says under a name. A name may come with brackets, and then holds no text. */
final class Input
{
    public static function text(Request $request, string $key, string $otherwise = ''): string
    {
        $value = $request->input($key, $otherwise);

        return is_string($value) ? $value : $otherwise;
    }
}
