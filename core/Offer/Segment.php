<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** A stretch of the sentence: fixed words, or a slot with what stands in it now. */
final readonly class Segment
{
    private function __construct(
        public string $text,
        public ?Slot $slot,
        /** Which of the offer's goods the slot is about; `null` where it is about none. */
        public ?int $item,
        /** Whether the words are the seller's own, and so may run in any direction. */
        public bool $isQuoted,
    ) {}

    public static function words(string $text): self
    {
        return new self($text, null, null, false);
    }

    public static function quoted(string $text): self
    {
        return new self($text, null, null, true);
    }

    public static function slot(Slot $slot, string $text, ?int $item = null): self
    {
        return new self($text, $slot, $item, $slot->isQuoted());
    }
}
