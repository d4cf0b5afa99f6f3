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

    /** @param  list<string>  $headers  name and value, as they are sent */
    private function __construct(
        public int $shopId,
        /** Of the shop, when what the answer is made of was read. */
        public int $mark,
        public int $placementId,
        public ?SpooledLead $lead,
        /** Where the click adds goods; `null`: it only leads on. */
        public ?Straight $straight,
        private int $status,
        private array $headers,
        private string $body,
    ) {}

    public static function of(LedOn $led, int $mark, Response $answer): self
    {
        $headers = [];
        /** @var array<string, list<string>> $sent */
        $sent = $answer->headers->allPreserveCase();
        foreach ($sent as $name => $values) {
            foreach ($values as $value) {
                $headers[] = "{$name}: {$value}";
            }
        }

        return new self(
            $led->placement->shop_id,
            $mark,
            $led->placement->id,
            $led->lead === null ? null : new SpooledLead($led->lead->product_id, $led->lead->marketplace_id),
            $led->straight(),
            $answer->getStatusCode(),
            $headers,
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
        }, $this->headers);

        return new self($this->shopId, $this->mark, $this->placementId, $this->lead, $this->straight, $this->status, $headers, (string) (new RedirectResponse($location))->getContent());
    }

    /** @return self where nobody knows whether the click was carried out, since the database went away as it was */
    public function unsure(): self
    {
        return new self($this->shopId, $this->mark, $this->placementId, null, null, 503, ['Retry-After: 30', 'Cache-Control: no-store', 'Content-Type: text/html; charset=utf-8'], (string) file_get_contents(self::AWAY));
    }

    /** The status line is the server's; RFC 9110, 5.6.7, has the form of the date. */
    public function send(): void
    {
        http_response_code($this->status);
        foreach ($this->headers as $header) {
            header(str_starts_with($header, self::DATE) ? self::DATE.gmdate('D, d M Y H:i:s').' GMT' : $header, false);
        }
        echo $this->body;
    }

    /** @return array{int, list<string>, string} status, headers as they were kept, and body */
    public function parts(): array
    {
        return [$this->status, $this->headers, $this->body];
    }
}
