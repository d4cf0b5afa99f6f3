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
        /** Which of the offer's goods the slot is about. */
        public ?int $item = null,
        /** Whether the offer can't even be saved like this. */
        public bool $blocksSaving = false,
        /** `null` where the sentence itself is changed. */
        public ?MendAt $room = null,
        /** Which of what is there: the tax class. */
        public ?string $what = null,
    ) {}

    /** What stands in the slot is no offer: it can't be saved. */
    public static function error(Slot $slot, string $sentence): self
    {
        return new self(Severity::Error, $slot, $sentence, blocksSaving: true);
    }

    /** Something else has to happen before the offer can go live; it can be saved meanwhile. */
    public static function obstacle(?Slot $slot, string $sentence): self
    {
        return new self(Severity::Error, $slot, $sentence);
    }

    public static function caution(?Slot $slot, string $sentence): self
    {
        return new self(Severity::Caution, $slot, $sentence);
    }

    public static function hint(?Slot $slot, string $sentence): self
    {
        return new self(Severity::Hint, $slot, $sentence);
    }

    public function ofItem(int $item): self
    {
        return new self($this->severity, $this->slot, $this->sentence, $item, $this->blocksSaving, $this->room, $this->what);
    }

    public function mendedIn(MendAt $room, ?string $what = null): self
    {
        return new self($this->severity, $this->slot, $this->sentence, $this->item, $this->blocksSaving, $room, $what);
    }
}
