<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** One thing wrong or doubtful about an offer: where, why, and what to do, the last two in one sentence. */
final readonly class Finding
{
    private function __construct(
        public Severity $severity,
        /** The slot it concerns, or `null` where it concerns the shop. */
        public ?Slot $slot,
        public string $sentence,
    ) {}

    public static function error(?Slot $slot, string $sentence): self
    {
        return new self(Severity::Error, $slot, $sentence);
    }

    public static function caution(Slot $slot, string $sentence): self
    {
        return new self(Severity::Caution, $slot, $sentence);
    }

    public static function hint(Slot $slot, string $sentence): self
    {
        return new self(Severity::Hint, $slot, $sentence);
    }
}
