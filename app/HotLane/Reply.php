<?php

declare(strict_types=1);

namespace App\HotLane;

use Symfony\Component\HttpFoundation\Response;

/** What is sent to a click that needs no framework. */
final readonly class Reply
{
    private const SECRET = '/^(Set-Cookie: [^=]+=)[^;]*/m';

    /** What is said while the application is away. */
    private const AWAY = __DIR__.'/../../public/away.html';

    /** @param  string  $headers  name and value, as they are sent, a line each: a list would be made anew for each click */
    public function __construct(
        public int $status,
        public string $headers,
        public string $body,
    ) {}

    public static function of(Response $answer): self
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
        return new self($answer->getStatusCode(), (string) preg_replace(self::SECRET, '${1}', implode("\n", $headers)), (string) $answer->getContent());
    }

    /** Where nobody knows whether the click was carried out, since the database went away as it was. */
    public static function unsure(): self
    {
        return new self(503, "Retry-After: 30\nCache-Control: no-store\nContent-Type: text/html; charset=utf-8", (string) file_get_contents(self::AWAY));
    }

    /**
     * @param  string  $secret  by which the visitor will be known
     * @return self the same, for another cart and another visitor
     */
    public function leadingTo(string $location, string $secret): self
    {
        $before = preg_match('/^Location: (.*)$/m', $this->headers, $found) === 1 ? $found[1] : $location;
        $headers = (string) preg_replace(self::SECRET, '${1}'.$secret, $this->headers);
        // What differs is the name of a cart, which reads the same in an address, a header and HTML.
        $forThem = static fn (string $text): string => $before === $location ? $text : str_replace($before, $location, $text);

        return new self($this->status, $forThem($headers), $forThem($this->body));
    }

    public function send(): void
    {
        http_response_code($this->status);
        foreach (explode("\n", $this->headers) as $header) {
            header($header, false);
        }
        echo $this->body;
    }
}
