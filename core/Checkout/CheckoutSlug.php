<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Text\InvalidName;
use PaperKite\Text\Slug;

/** The first part of the checkout's address, which a seller may name. */
final readonly class CheckoutSlug
{
    public const USUAL = 'checkout';

    /** Other pages of a shop, and what every shop serves. */
    private const TAKEN = ['account', 'back', 'build', 'cancelled', 'cart', 'drawings', 'embed', 'events', 'k', 'link', 'o', 'p', 'pictures', 'policy', 'return', 'take', 'terms', 'thanks'];

    private function __construct(public string $text) {}

    /** @throws InvalidSlug */
    public static function of(string $text): self
    {
        try {
            $text = Slug::of($text)->text;
        } catch (InvalidName) {
            throw InvalidSlug::form(strtolower(trim($text, ' ')));
        }
        if (in_array($text, self::TAKEN, true)) {
            throw InvalidSlug::taken($text);
        }

        return new self($text);
    }
}
