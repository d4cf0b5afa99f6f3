<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

/** The first part of the checkout's address, which a seller may name. */
final readonly class CheckoutSlug
{
    public const USUAL = 'checkout';

    /** Other pages of a shop, and what every shop serves. */
    private const TAKEN = ['account', 'build', 'cancelled', 'cart', 'drawings', 'embed', 'events', 'k', 'link', 'o', 'p', 'pictures', 'policy', 'return', 'take', 'terms', 'thanks'];

    private function __construct(public string $text) {}

    /** @throws InvalidSlug */
    public static function of(string $text): self
    {
        $text = strtolower(trim($text, ' '));
        if (preg_match('/\A(?=.{2,40}\z)[a-z0-9]+(?:-[a-z0-9]+)*\z/', $text) !== 1) {
            throw InvalidSlug::form($text);
        }
        if (in_array($text, self::TAKEN, true)) {
            throw InvalidSlug::taken($text);
        }

        return new self($text);
    }
}
