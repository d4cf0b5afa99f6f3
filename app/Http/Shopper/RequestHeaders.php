<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use Illuminate\Http\Request;

final class RequestHeaders
{
    /** How CGI names what a request says (RFC 3875, 4.1.18). */
    private const SAID = 'HTTP_';

    /** @return array<string, string> the first value of each header, by lower-case name */
    public static function of(Request $request): array
    {
        $headers = [];
        foreach ($request->headers->all() as $name => $values) {
            $headers[strtolower((string) $name)] = (string) ($values[0] ?? '');
        }

        return $headers;
    }

    /**
     * The same, where no request object is made.
     *
     * @param  array<mixed>  $server  as PHP is told of the request
     * @return array<string, string>
     */
    public static function in(array $server): array
    {
        $headers = [];
        foreach ($server as $name => $value) {
            if (is_string($value) && str_starts_with((string) $name, self::SAID)) {
                $headers[strtolower(strtr(substr((string) $name, 5), '_', '-'))] = $value;
            }
        }

        return $headers;
    }
}
