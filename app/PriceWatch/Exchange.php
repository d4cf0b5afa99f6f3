<?php

declare(strict_types=1);

namespace App\PriceWatch;

use App\Time\MachineClock;
use CurlHandle;
use PaperKite\Partner\Price\PageProblem;

/** One request to another site, to an address that was checked, within its limits of time and size. */
final readonly class Exchange
{
    private const LARGEST = 1_048_576;

    private const LARGEST_HEAD = 32_768;

    private const LONGEST_WAIT = 7 * 86_400;

    /** @param  int  $milliseconds  for all of it */
    public function __construct(
        private int $milliseconds = 5_000,
        private MachineClock $clock = new MachineClock,
    ) {}

    public function __invoke(FetchTarget $target, string $ip): Answered|PageProblem
    {
        $body = $head = '';
        $isTooLarge = false;
        $handle = curl_init();
        curl_setopt_array($handle, $this->options($target, $ip) + [
            CURLOPT_HEADERFUNCTION => static function (CurlHandle $handle, string $line) use (&$head): int {
                $head .= $line;

                return strlen($head) > self::LARGEST_HEAD ? 0 : strlen($line);
            },
            CURLOPT_WRITEFUNCTION => static function (CurlHandle $handle, string $part) use (&$body, &$isTooLarge): int {
                $isTooLarge = strlen($body) + strlen($part) > self::LARGEST;
                $body .= $isTooLarge ? '' : $part;

                return $isTooLarge ? 0 : strlen($part);
            },
        ]);
        $isDone = curl_exec($handle) !== false;
        $failure = curl_errno($handle);

        return match (true) {
            $isTooLarge, strlen($head) > self::LARGEST_HEAD => PageProblem::TooLarge,
            $isDone => new Answered((int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $body, self::header($head, 'Location'), $this->seconds(self::header($head, 'Retry-After'))),
            $failure === CURLE_OPERATION_TIMEDOUT => PageProblem::TooSlow,
            default => PageProblem::Silent,
        };
    }

    /** @return array<int, mixed> */
    private function options(FetchTarget $target, string $ip): array
    {
        return [
            CURLOPT_URL => $target->address,
            CURLOPT_RESOLVE => ["{$target->host}:{$target->port}:".(str_contains($ip, ':') ? "[{$ip}]" : $ip)],
            CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS,
            CURLOPT_FOLLOWLOCATION => false,
            CURLOPT_PROXY => '',
            CURLOPT_TIMEOUT_MS => $this->milliseconds,
            CURLOPT_CONNECTTIMEOUT_MS => $this->milliseconds,
            // What is packed is measured unpacked, as it comes to be read.
            CURLOPT_ENCODING => '',
            CURLOPT_USERAGENT => 'PaperKite/1.0 (price check)',
            CURLOPT_HTTPHEADER => ['Accept: text/html,application/xhtml+xml'],
        ];
    }

    private static function header(string $head, string $name): string
    {
        return preg_match("/^{$name}:[ \t]*(.*?)[ \t]*\r?$/im", $head, $found) === 1 ? $found[1] : '';
    }

    /** @see https://www.rfc-editor.org/rfc/rfc9110#field.retry-after seconds, or a date */
    private function seconds(string $retryAfter): int
    {
        $at = preg_match('/\A\d{1,9}\z/', $retryAfter) === 1 ? (int) $retryAfter : (int) strtotime($retryAfter) - (int) $this->clock->now()->getTimestamp();

        return $retryAfter === '' ? 0 : max(0, min($at, self::LONGEST_WAIT));
    }
}
