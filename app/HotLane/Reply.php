<?php

declare(strict_types=1);

namespace App\HotLane;

use Symfony\Component\HttpFoundation\Response;

/**
 * What is sent to a click that needs no framework. Headers are one text, name and value as they are sent, a line each: a
 * list would be made anew for each click.
 *
 * @phpstan-type Sent array{status: int, headers: string, body: string, ...}
 */
final class Reply
{
    private const SECRET = '/^(Set-Cookie: [^=]+=)[^;]*/m';

    /** What is said while the application is away. */
    private const AWAY = __DIR__.'/../../public/away.html';

    /** @return Sent */
    public static function of(Response $answer): array
    {
        $headers = [];
        /** @var array<string, list<string>> $sent */
        $sent = $answer->headers->allPreserveCase();
        // Of every answer the web server says the date.
        unset($sent['Date']);
        foreach ($sent as $name => $values) {
            array_push($headers, ...array_map(static fn (string $value): string => "{$name}: {$value}", $values));
        }

        // By what one visitor is known is nobody else's, and not kept.
        return ['status' => $answer->getStatusCode(), 'headers' => (string) preg_replace(self::SECRET, '${1}', implode("\n", $headers)), 'body' => (string) $answer->getContent()];
    }

    /** @return Sent where nobody knows whether the click was carried out, since the database went away as it was */
    public static function unsure(): array
    {
        return ['status' => 503, 'headers' => "Retry-After: 30\nCache-Control: no-store\nContent-Type: text/html; charset=utf-8", 'body' => (string) file_get_contents(self::AWAY)];
    }

    /**
     * @param  Sent  $sent
     * @param  string  $secret  by which the visitor will be known
     * @return Sent the same, for another cart and another visitor
     */
    public static function leadingTo(array $sent, string $location, string $secret): array
    {
        $before = preg_match('/^Location: (.*)$/m', $sent['headers'], $found) === 1 ? $found[1] : $location;
        $headers = (string) preg_replace(self::SECRET, '${1}'.$secret, $sent['headers']);
        // What differs is the name of a cart, which reads the same in an address, a header and HTML.
        $forThem = static fn (string $text): string => $before === $location ? $text : str_replace($before, $location, $text);

        return ['status' => $sent['status'], 'headers' => $forThem($headers), 'body' => $forThem($sent['body'])];
    }

    /** @param  Sent  $sent */
    public static function send(array $sent): void
    {
        http_response_code($sent['status']);
        foreach (explode("\n", $sent['headers']) as $header) {
            header($header, false);
        }
        echo $sent['body'];
    }
}
