<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;

/** How what is picked is paid: once at its price, by a plan, in parts, or as much as the shopper gives. */
final readonly class Terms
{
    private function __construct(
        public TermsKind $kind,
        /** The code of a plan of the product. */
        public ?string $plan = null,
        /** What the shopper gives for one. */
        public ?Money $amount = null,
    ) {}

    public static function once(): self
    {
        return new self(TermsKind::Once);
    }

    public static function plan(string $code): self
    {
        return new self(TermsKind::Plan, plan: $code);
    }

    public static function inParts(): self
    {
        return new self(TermsKind::InParts);
    }

    public static function giving(Money $amount): self
    {
        return new self(TermsKind::Giving, amount: $amount);
    }

    public function areInParts(): bool
    {
        return $this->kind === TermsKind::InParts;
    }

    /** The same for the same terms, and for no others. */
    public function key(): string
    {
        return match ($this->kind) {
            TermsKind::Once, TermsKind::InParts => $this->kind->value,
            TermsKind::Plan => "{$this->kind->value} {$this->plan}",
            TermsKind::Giving => "{$this->kind->value} {$this->amount?->minor} {$this->amount?->currency->code}",
        };
    }
}
