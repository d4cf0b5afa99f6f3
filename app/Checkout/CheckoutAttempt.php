<?php

declare(strict_types=1);

namespace App\Checkout;

/** What a shopper has typed so far, and what is said of it. */
final readonly class CheckoutAttempt
{
    /**
     * @param  array<string, string>  $typed  by field
     * @param  array<string, string>  $errors  a sentence by field
     * @param  array<int, string>  $quantities  as typed, by line
     * @param  array<int, string>  $lineErrors  a sentence by line
     * @param  string|null  $notice  of the whole; `null` where there is nothing to say
     */
    private function __construct(
        public array $typed,
        public array $errors,
        public array $quantities,
        public array $lineErrors,
        public ?string $notice,
    ) {}

    /** @param  array<string, string>  $typed */
    public static function begun(array $typed, ?string $notice): self
    {
        return new self($typed, [], [], [], $notice);
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $errors
     * @param  array<int, string>  $quantities
     * @param  array<int, string>  $lineErrors
     */
    public static function wrong(array $typed, array $errors, array $quantities, array $lineErrors): self
    {
        return new self($typed, $errors, $quantities, $lineErrors, null);
    }
}
