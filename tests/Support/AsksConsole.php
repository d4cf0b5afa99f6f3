<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Person;
use App\Models\Shop;
use GuzzleHttp\Client;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;

/**
 * Many windows of one signed-in seller of the running servers.
 *
 * @property Shop $shop
 * @property Person $person
 */
trait AsksConsole
{
    use SignsIn;

    /** @var array{name: string, value: string, token: string}|null */
    private ?array $session = null;

    private ?Client $windows = null;

    /** Shared with those whose requests go on meanwhile. */
    private ?HandlerStack $together = null;

    /**
     * @param  array<mixed>|null  $body
     * @param  array<string, string>  $headers
     * @param  string|null  $bytes  sent as they are, in place of a body
     */
    private function ask(string $method, string $path, ?array $body = null, array $headers = [], ?string $bytes = null): PromiseInterface
    {
        $session = $this->session ??= $this->beginSession($this->person);
        $console = config()->string('kite.console_host').':'.getenv('KITE_PUBLIC_PORT');

        $this->windows ??= new Client(($this->together === null ? [] : ['handler' => $this->together]) + ['http_errors' => false, 'curl' => [CURLOPT_CONNECT_TO => ['::127.0.0.1:']]]);

        return $this->windows->requestAsync($method, "http://{$console}/api/shops/{$this->shop->slug}/{$path}", [
            'headers' => $headers + ['Accept' => 'application/json', 'Cookie' => "{$session['name']}={$session['value']}", 'X-CSRF-TOKEN' => $session['token']],
        ] + ($body === null ? [] : ['json' => $body]) + ($bytes === null ? [] : ['body' => $bytes]));
    }

    /**
     * @param  list<PromiseInterface>  $promises
     * @return list<int>
     */
    private function statuses(array $promises): array
    {
        /** @var array<ResponseInterface> $answers */
        $answers = Utils::unwrap($promises);

        return array_values(array_map(static fn (ResponseInterface $answer): int => $answer->getStatusCode(), $answers));
    }

    /** @return array<string, mixed> */
    private function read(mixed $answer): array
    {
        self::assertInstanceOf(ResponseInterface::class, $answer);

        /** @var array<string, mixed> */
        return json_decode((string) $answer->getBody(), true, flags: JSON_THROW_ON_ERROR);
    }
}
