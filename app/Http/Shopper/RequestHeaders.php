<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use Illuminate\Http\Request;

// Compiled to a look at the type instead of a call, of which a click that is answered before the framework would wait for ten.
use function is_string;

final class RequestHeaders
{
    /** Those that tell what a visit is, and whose: name, and as the web server tells PHP of it (RFC 3875, 4.1.18). */
    private const OF_VISITS = [
        'host' => 'HTTP_HOST', 'user-agent' => 'HTTP_USER_AGENT', 'accept-language' => 'HTTP_ACCEPT_LANGUAGE',
        'sec-fetch-mode' => 'HTTP_SEC_FETCH_MODE', 'sec-fetch-dest' => 'HTTP_SEC_FETCH_DEST', 'sec-ch-ua-mobile' => 'HTTP_SEC_CH_UA_MOBILE',
        'sec-purpose' => 'HTTP_SEC_PURPOSE', 'purpose' => 'HTTP_PURPOSE', 'x-purpose' => 'HTTP_X_PURPOSE', 'x-moz' => 'HTTP_X_MOZ',
    ];

    /** @return array<string, string> by lower-case name: what a visit and its visitor are told by, and nothing else */
    public static function ofVisit(Request $request): array
    {
        return array_intersect_key(self::of($request), self::OF_VISITS);
    }

    /**
     * The same, before the framework starts.
     *
     * @param  array<mixed>  $server  as PHP is told of the request
     * @return array<string, string> by lower-case name
     */
    public static function told(array $server): array
    {
        $headers = [];
        foreach (self::OF_VISITS as $name => $variable) {
            if (is_string($server[$variable] ?? null)) {
                $headers[$name] = $server[$variable];
            }
        }

        return $headers;
    }

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
