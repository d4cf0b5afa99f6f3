<?php

declare(strict_types=1);

namespace Standins\pay;

use Brick\Math\BigDecimal;

/** A payment as the provider keeps it. */
final readonly class Payment
{
    public function __construct(
        public string $id,
        public string $reference,
        public string $state,
        /** A decimal text. */
        public string $amount,
        public string $currency,
        public string $payee,
        public string $digest,
        public string $description,
        public string $return_to,
        public string $cancel_to,
        public string $events_to,
        /** How often its money was taken; never more than once. */
        public int $captures,
        /** In minor units. */
        public int $refunded,
    ) {}

    /** Whether a text is an amount with the decimals that amounts of a currency have. */
    public static function isAmount(string $text): bool
    {
        return preg_match('/\A\d{1,12}(?:\.\d{2,3})?\z/', $text) === 1;
    }

    public static function minor(string $amount): string
    {
        return str_replace('.', '', $amount);
    }

    public function in(string $state): self
    {
        return new self($this->id, $this->reference, $state, $this->amount, $this->currency, $this->payee, $this->digest, $this->description, $this->return_to, $this->cancel_to, $this->events_to, $this->captures, $this->refunded);
    }

    /** @return array<string, mixed> what a shop may know */
    public function shown(): array
    {
        return [
            'id' => $this->id, 'reference' => $this->reference, 'state' => $this->state, 'amount' => $this->amount,
            'currency' => $this->currency, 'payee' => $this->payee, 'digest' => $this->digest, 'captures' => $this->captures,
            'captured' => $this->state === 'captured' ? $this->amount : $this->decimal(0), 'refunded' => $this->decimal($this->refunded),
        ];
    }

    private function decimal(int $minor): string
    {
        $decimals = strlen((string) strrchr($this->amount, '.'));

        return (string) BigDecimal::ofUnscaledValue($minor, max(0, $decimals - 1));
    }
}
