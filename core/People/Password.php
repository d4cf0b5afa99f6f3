<?php

declare(strict_types=1);

namespace PaperKite\People;

/** What a person signs in with, as it was chosen. How long it is counts, and nothing else is asked of it (NIST SP 800-63B, 5.1.1). */
final readonly class Password
{
    public const SHORTEST = 12;

    public const LONGEST = 200;

    private function __construct(public string $text) {}

    /** @throws InvalidPassword */
    public static function of(string $text): self
    {
        $length = mb_strlen($text, 'UTF-8');

        return match (true) {
            ! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0") => throw InvalidPassword::unreadable(),
            $length < self::SHORTEST => throw InvalidPassword::tooShort(),
            $length > self::LONGEST => throw InvalidPassword::tooLong(),
            count(array_unique(mb_str_split($text, 1, 'UTF-8'))) < 5 => throw InvalidPassword::tooPlain(),
            default => new self($text),
        };
    }
}
