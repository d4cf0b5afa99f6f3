<?php

declare(strict_types=1);

namespace Standins\outbox;

/** A message of one part, or of alternatives, plain and HTML (RFC 5322, RFC 2046), as far as the outbox shows it. */
final readonly class Mail
{
    private function __construct(
        public string $from,
        public string $to,
        public string $subject,
        /** Blank where there is none. */
        public string $text,
        public string $html,
    ) {}

    public static function read(string $raw): self
    {
        [$headers, $body] = self::parted($raw);
        $parts = preg_match('/\Amultipart\/\w+;.*boundary="?([^";]+)"?/is', $headers['content-type'] ?? '', $found) === 1
            ? array_slice(explode("--{$found[1]}", $body), 1, -1)
            : [$raw];
        $texts = ['text/plain' => '', 'text/html' => ''];
        foreach ($parts as $part) {
            [$own, $content] = self::parted(ltrim($part, "\r\n"));
            $type = strtolower(trim(strtok($own['content-type'] ?? 'text/plain', ';') ?: ''));
            $texts[$type] = self::decoded($content, $own['content-transfer-encoding'] ?? '');
        }

        return new self($headers['from'] ?? '', $headers['to'] ?? '', $headers['subject'] ?? '', $texts['text/plain'], $texts['text/html']);
    }

    /** @return array{array<string, string>, string} headers by their names in lower case, and what follows them */
    private static function parted(string $raw): array
    {
        [$head, $body] = array_pad(explode("\r\n\r\n", $raw, 2), 2, '');
        $headers = [];
        foreach ((array) iconv_mime_decode_headers($head, ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8') as $name => $value) {
            $headers[strtolower((string) $name)] = is_string($value) ? $value : '';
        }

        return [$headers, $body];
    }

    private static function decoded(string $content, string $encoding): string
    {
        return match (strtolower(trim($encoding))) {
            'quoted-printable' => quoted_printable_decode($content),
            'base64' => (string) base64_decode($content, true),
            default => $content,
        };
    }
}
