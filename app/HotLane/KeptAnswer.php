<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Carts\Caller;
use App\Clicks\CountClick;
use App\Clicks\LedOn;
use App\Clicks\Straight;
use App\Results\SpooledLead;
use Symfony\Component\HttpFoundation\Response;

/** What the framework has answered to a click, and what the next one like it counts as. */
final readonly class KeptAnswer
{
    /** Made anew for each answer. */
    private const DATE = 'Date: ';

    private const SECRET = '/^(Set-Cookie: [^=]+=)[^;]*/m';

    /** What is said while the application is away. */
    private const AWAY = __DIR__.'/../../public/away.html';

    /** @param  string  $headers  name and value, as they are sent, a line each: a list would be made anew for each click */
    public function __construct(
        public int $shopId,
        /** Of the shop, when what the answer is made of was read. */
        public int $mark,
        /** When the click came that it was the answer to: seconds since 1970. */
        public int $at,
        public int $placementId,
        /** As which the click is counted, where it only leads on. */
        public string $line,
        /** Where the click adds goods; `null`: it only leads on. */
        public ?Straight $straight,
        public int $status,
        public string $headers,
        public string $body,
    ) {}

    /**
     * @param  int  $at  seconds since 1970
     * @param  Response  $answer  to a click of theirs then
     */
    public static function of(LedOn $led, Caller $caller, int $at, int $mark, Response $answer): self
    {
        $headers = [];
        /** @var array<string, list<string>> $sent */
        $sent = $answer->headers->allPreserveCase();
        foreach ($sent as $name => $values) {
            array_push($headers, ...array_map(static fn (string $value): string => "{$name}: {$value}", $values));
        }

        return new self(
            $led->placement->shop_id,
            $mark,
            $at,
            $led->placement->id,
            CountClick::line($led->placement->code, $caller, $at, $led->lead === null ? null : new SpooledLead($led->lead->product_id, $led->lead->marketplace_id)),
            $led->straight(),
            $answer->getStatusCode(),
            // By what one visitor is known is nobody else's, and not kept.
            (string) preg_replace(self::SECRET, '${1}', implode("\n", $headers)),
            (string) $answer->getContent(),
        );
    }

    /** @return array{int, int, int, int, string, Straight|null, int, string, string} which the workers' memory hands out sooner than an object */
    public function kept(): array
    {
        return [$this->shopId, $this->mark, $this->at, $this->placementId, $this->line, $this->straight, $this->status, $this->headers, $this->body];
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

        return new self($this->shopId, $this->mark, $this->at, $this->placementId, $this->line, $this->straight, $this->status, $forThem($headers), $forThem($this->body));
    }

    /** @return self where nobody knows whether the click was carried out, since the database went away as it was */
    public function unsure(): self
    {
        return new self($this->shopId, $this->mark, $this->at, $this->placementId, '', null, 503, "Retry-After: 30\nCache-Control: no-store\nContent-Type: text/html; charset=utf-8", (string) file_get_contents(self::AWAY));
    }

    /** The status line is the server's; RFC 9110, 5.6.7, has the form of the date. */
    public function send(): void
    {
        http_response_code($this->status);
        foreach (explode("\n", $this->headers) as $header) {
            header(str_starts_with($header, self::DATE) ? self::DATE.gmdate('D, d M Y H:i:s').' GMT' : $header, false);
        }
        echo $this->body;
    }
}
