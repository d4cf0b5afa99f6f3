<?php

declare(strict_types=1);

namespace PaperKite\Text;

/** The name of a shop's account at a payment provider. */
final readonly class AccountName
{
    private function __construct(public string $text) {}

    /** @throws InvalidName */
    public static function of(string $text): self
    {
        $text = trim($text, ' ');

        return preg_match('/\A[A-Za-z0-9._-]{1,64}\z/', $text) === 1 ? new self($text) : throw InvalidName::account($text);
    }
}
