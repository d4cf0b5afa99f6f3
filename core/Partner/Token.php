<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** A seller's ID with a marketplace, or the sub-ID by which its reports tell places apart: what needs no encoding in an address. */
final readonly class Token
{
    private const FORM = '/\A[A-Za-z0-9._~-]{1,64}\z/';

    private function __construct(public string $text) {}

    /** @throws InvalidMarketplace */
    public static function of(string $text): self
    {
        $text = trim($text, ' ');

        return preg_match(self::FORM, $text) === 1 ? new self($text) : throw InvalidMarketplace::partnerId($text);
    }
}
