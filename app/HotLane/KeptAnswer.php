<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Clicks\LedOn;
use App\Clicks\Straight;
use App\Results\SpooledLead;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;

/** What the framework has answered to a click, and what the next one like it counts as. */
final readonly class KeptAnswer
{
    /** Made anew for each answer. */
    private const DATE = 'Date: ';

    /** What is said while the application is away. */
    private const AWAY = __DIR__.'/../../public/away.html';

    /** @param  string  $headers  name and value, as they are sent, a line each: a list would be made anew for each click */
    private function __construct(
        public int $shopId,
        /** Of the shop, when what the answer is made of was read. */
        public int $mark,
        public int $placementId,
        public string $code,
        public ?SpooledLead $lead,
        /** Where the click adds goods; `null`: it only leads on. */
        public ?Straight $straight,
        private int $status,
        private string $headers,
        private string $body,
    ) {}

    public static function of(LedOn $led, int $mark, Response $answer): self
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
            $led->placement->id,
            $led->placement->code,
            $led->lead === null ? null : new SpooledLead($led->lead->product_id, $led->lead->marketplace_id),
            $led->straight(),
            $answer->getStatusCode(),
            implode("\n", $headers),
            (string) $answer->getContent(),
        );
    }

    /** @return self the same, for another cart and another visitor */
    public function leadingTo(string $location, Cookie $cookie): self
    {
        $headers = array_map(static fn (string $header): string => match (true) {
            str_starts_with($header, 'Location: ') => "Location: {$location}",
            str_starts_with($header, 'Set-Cookie: ') => "Set-Cookie: {$cookie}",
            default => $header,
        }, explode("\n", $this->headers));

        return new self($this->shopId, $this->mark, $this->placementId, $this->code, $this->lead, $this->straight, $this->status, implode("\n", $headers), (string) (new RedirectResponse($location))->getContent());
    }

    /** @return self where nobody knows whether the click was carried out, since the database went away as it was */
    public function unsure(): self
    {
        return new self($this->shopId, $this->mark, $this->placementId, $this->code, null, null, 503, "Retry-After: 30\nCache-Control: no-store\nContent-Type: text/html; charset=utf-8", (string) file_get_contents(self::AWAY));
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

    /** @return array{int, list<string>, string} status, headers as they were kept, and body */
    public function parts(): array
    {
        return [$this->status, explode("\n", $this->headers), $this->body];
    }
}
