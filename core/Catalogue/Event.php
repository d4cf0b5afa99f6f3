<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use DateTimeZone;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

/** When and where something takes place. */
final readonly class Event
{
    public function __construct(
        public Moment $begins,
        /** `null` where nobody has said how long it takes. */
        public ?Moment $ends,
        /** Blank where nobody has said where. */
        public string $place,
    ) {}

    /** Whether it is too late to come. */
    public function hasBegun(Moment $at): bool
    {
        return ! $at->isBefore($this->begins);
    }

    /** "14 Mar 2026, 10:00 to 13:00, Weir Cottage", as the clocks are there. */
    public function shown(DateTimeZone $zone, Wording $say): string
    {
        $dates = $say->dates();
        $when = $begins = $dates->dateAndTime($this->begins, $zone);
        if ($this->ends !== null) {
            $isSameDay = $dates->shortDate($this->begins, $zone) === $dates->shortDate($this->ends, $zone);
            $when = $say->say('event.from_to', begins: $begins, ends: $isSameDay ? $dates->time($this->ends, $zone) : $dates->dateAndTime($this->ends, $zone));
        }

        return $this->place === '' ? $when : $say->say('event.at', when: $when, place: $this->place);
    }

    public function equals(?self $other): bool
    {
        return $other !== null && $this->begins->seconds === $other->begins->seconds && $this->ends?->seconds === $other->ends?->seconds && $this->place === $other->place;
    }
}
