<?php

declare(strict_types=1);

namespace Standins\outbox;

/** A message of one part, plain or HTML (RFC 5322), as far as the outbox shows it. */
final readonly class Mail
{
    private function __construct(
        public string $from,
        public string $to,
        public string $subject,
        public string $text,
        public bool $isHtml,
    ) {}

    public static function read(string $raw): self
    {
        [$head, $body] = array_pad(explode("\r\n\r\n", $raw, 2), 2, '');
        $headers = (array) iconv_mime_decode_headers($head, ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8');
        $text = static fn (string $name): string => is_string($headers[$name] ?? null) ? $headers[$name] : '';

        return new self($text('From'), $text('To'), $text('Subject'), match (strtolower($text('Content-Transfer-Encoding'))) {
            'quoted-printable' => quoted_printable_decode($body),
            'base64' => (string) base64_decode($body, true),
            default => $body,
        }, str_starts_with(strtolower($text('Content-Type')), 'text/html'));
    }
}
