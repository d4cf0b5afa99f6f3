<?php

declare(strict_types=1);

namespace Tests\Support;

use Fiber;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\TransferStats;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;
use Throwable;

/**
 * Many buyers at once on one link, from the click to the thank-you page and again, while the seller saves what they buy
 * by. Each is a fiber that waits for its own answers; every request is noted with its answer and its time.
 */
final class SaleStorm
{
    private const SECONDS_BETWEEN_SAVES = 1.0;

    private const MOST_TRIES = 40;

    /** @var array<string, int> by what was asked and the status of the answer */
    public array $answers = [];

    public float $longest = 0;

    public string $longestWas = '';

    /** How often a buyer came to the thank-you page. */
    public int $thanked = 0;

    /** How often the seller's saves went through. */
    public int $saves = 0;

    /** @var list<string> what was answered with 500 or more, or not at all */
    public array $failures = [];

    private float $until = 0;

    private int $running = 0;

    private readonly CurlMultiHandler $loop;

    private readonly Client $http;

    /**
     * @param  string  $link  what the buyers click
     * @param  string  $console  the console's address
     * @param  string  $slug  the shop's, as the storm begins
     */
    public function __construct(
        private readonly string $link,
        private readonly string $console,
        private readonly string $slug,
        private readonly int $productId,
    ) {
        // What one asks anew is not to wait until something comes to another.
        $this->loop = new CurlMultiHandler(['select_timeout' => 0.02]);
        $this->http = new Client(['handler' => HandlerStack::create($this->loop), 'allow_redirects' => false, 'http_errors' => false, 'curl' => [CURLOPT_CONNECT_TO => ['::127.0.0.1:']]]);
    }

    /** @param  array{email: string, password: string}  $seller */
    public function blow(int $buyers, float $seconds, array $seller): void
    {
        $this->until = microtime(true) + $seconds;
        for ($buyer = 1; $buyer <= $buyers; $buyer++) {
            $this->begin(fn () => $this->buy($buyer));
        }
        $this->begin(fn () => $this->sell($seller));
        while ($this->running > 0) {
            $this->loop->tick();
        }
    }

    /** @param  callable(): void  $life */
    private function begin(callable $life): void
    {
        $this->running++;
        /** @var Fiber<mixed, ResponseInterface, void, PromiseInterface> $fiber */
        $fiber = new Fiber($life);
        $this->goOn($fiber, $fiber->start());
    }

    /** @param  Fiber<mixed, ResponseInterface, void, PromiseInterface>  $fiber */
    private function goOn(Fiber $fiber, ?PromiseInterface $awaited): void
    {
        if ($fiber->isTerminated() || $awaited === null) {
            $this->running--;

            return;
        }
        $awaited->then(
            function (ResponseInterface $answer) use ($fiber): void {
                $this->goOn($fiber, $fiber->resume($answer));
            },
            function (Throwable $failure): void {
                $this->failures[] = $failure->getMessage();
                $this->running--;
            },
        );
    }

    private function isOver(): bool
    {
        return microtime(true) >= $this->until;
    }

    private function buy(int $buyer): void
    {
        while (! $this->isOver()) {
            $options = ['cookies' => new CookieJar, 'headers' => ['User-Agent' => "Buyer {$buyer}", 'Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']];
            $hosted = $this->hostedPage($buyer, $options);
            if ($hosted !== null) {
                $this->payAt($hosted, $options);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $options
     * @return string|null the provider's page
     */
    private function hostedPage(int $buyer, array $options): ?string
    {
        $address = self::location($this->ask('click', 'GET', $this->link, $options), $this->link);
        for ($try = 1; $address !== null && $try <= self::MOST_TRIES; $try++) {
            $page = $this->ask('checkout', 'GET', $address, $options);
            if ($page->getStatusCode() === 301) {
                $address = self::location($page, $address);

                continue;
            }
            preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $page->getBody(), $digest);
            $paid = $this->ask('pay', 'POST', $address, $options + ['form_params' => [
                'digest' => $digest[1] ?? '', 'email' => "buyer{$buyer}@letters.example", 'name' => "Buyer {$buyer}", 'street' => '1 Row', 'postcode' => '', 'town' => 'Tarn', 'country' => 'IE',
            ]]);
            if ($paid->getStatusCode() === 303) {
                return self::location($paid, $address);
            }
            $address = $paid->getStatusCode() === 308 ? self::location($paid, $address) : $address;
        }

        return null;
    }

    /** @param  array<string, mixed>  $options */
    private function payAt(string $hosted, array $options): void
    {
        $return = self::location($this->ask('authorise', 'POST', $hosted, $options + ['form_params' => ['do' => 'pay', 'delivery' => 'twice']]), $hosted);
        for ($try = 1; $return !== null && $try <= self::MOST_TRIES; $try++) {
            $back = $this->ask('return', 'GET', $return, $options);
            if (str_starts_with($back->getHeaderLine('Location'), '/thanks/')) {
                $this->thanked++;
            }
            if ($back->getStatusCode() !== 200) {
                return;
            }
        }
    }

    /** @param  array{email: string, password: string}  $seller */
    private function sell(array $seller): void
    {
        $jar = new CookieJar;
        $this->ask('sign-in page', 'GET', "{$this->console}/sign-in", ['cookies' => $jar]);
        $signedIn = $this->ask('sign in', 'POST', "{$this->console}/api/sign-in", $this->asSeller($jar, $seller));
        if ($signedIn->getStatusCode() !== 200) {
            throw new RuntimeException("The seller could not sign in: {$signedIn->getBody()}");
        }
        $api = "{$this->console}/api/shops/{$this->slug}";
        $product = (array) (self::json($this->ask('product form', 'GET', "{$api}/products/{$this->productId}", ['cookies' => $jar]))['entry'] ?? []);
        $rules = self::json($this->ask('rules form', 'GET', "{$api}/rules", ['cookies' => $jar]));
        $shop = self::json($this->ask('shop', 'GET', $api, ['cookies' => $jar]));
        for ($round = 1; ! $this->isOver(); $round++) {
            $began = microtime(true);
            $this->save('save product', "{$api}/products/{$this->productId}", $jar, ['name' => "Storm honey, round {$round}", 'cost' => (string) ($round % 9 + 1)] + $product);
            $this->save('save rules', "{$api}/rules", $jar, ['rules' => $rules['rules'] ?? null, 'home_country' => $rules['home_country'] ?? 'IE']);
            $this->save('rename', "{$api}/names", $jar, ['name' => $shop['name'] ?? '', 'host' => $shop['host'] ?? '', 'slug' => "{$this->slug}-".($round % 2), 'checkout_slug' => ['checkout', 'till'][$round % 2]]);
            // A request that begins later is a pause in which the others go on.
            $pause = self::SECONDS_BETWEEN_SAVES - (microtime(true) - $began);
            $this->ask('pause', 'GET', "{$this->console}/favicon.svg", ['delay' => max(0, $pause * 1000)]);
        }
    }

    /** @param  array<mixed>  $body */
    private function save(string $what, string $address, CookieJar $jar, array $body): void
    {
        $this->saves += $this->ask($what, 'PUT', $address, $this->asSeller($jar, $body))->getStatusCode() === 200 ? 1 : 0;
    }

    /**
     * @param  array<mixed>  $body
     * @return array<string, mixed>
     */
    private function asSeller(CookieJar $jar, array $body): array
    {
        $token = $jar->getCookieByName('XSRF-TOKEN')?->getValue() ?? '';

        return ['cookies' => $jar, 'json' => $body, 'headers' => ['X-XSRF-TOKEN' => urldecode($token), 'Accept' => 'application/json']];
    }

    /** @param  array<string, mixed>  $options */
    private function ask(string $what, string $method, string $address, array $options): ResponseInterface
    {
        $options['headers'] = (array) ($options['headers'] ?? []) + ['Origin' => self::origin($address)];
        $options['on_stats'] = function (TransferStats $stats) use ($what, $address): void {
            $this->note($what, $address, $stats->getResponse()?->getStatusCode() ?? 0, (float) $stats->getTransferTime());
        };
        $answer = Fiber::suspend($this->http->requestAsync($method, $address, $options));

        return $answer instanceof ResponseInterface ? $answer : throw new RuntimeException('The answer to a request is a response.');
    }

    private function note(string $what, string $address, int $status, float $seconds): void
    {
        $this->answers["{$what} {$status}"] = ($this->answers["{$what} {$status}"] ?? 0) + 1;
        if ($status === 0 || $status >= 500) {
            $this->failures[] = "{$what}: {$status} {$address}";
        }
        if ($seconds > $this->longest) {
            [$this->longest, $this->longestWas] = [$seconds, $what];
        }
    }

    private static function location(ResponseInterface $answer, string $from): ?string
    {
        $location = $answer->getHeaderLine('Location');

        return $location === '' ? null : ($location[0] === '/' ? self::origin($from) : '').$location;
    }

    private static function origin(string $address): string
    {
        return (string) preg_replace('~\A(https?://[^/]+).*~', '$1', $address);
    }

    /** @return array<mixed> */
    private static function json(ResponseInterface $answer): array
    {
        $read = json_decode((string) $answer->getBody(), true);

        return is_array($read) ? $read : [];
    }
}
