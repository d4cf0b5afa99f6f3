<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use Illuminate\Http\Request;

final class RequestHeaders
{
    /** @return array<string, string> the first value of each header, by lower-case name */
    public static function of(Request $request): array
    {
        $headers = [];
        foreach ($request->headers->all() as $name => $values) {
            $headers[strtolower((string) $name)] = (string) ($values[0] ?? '');
        }

        return $headers;
    }
}
