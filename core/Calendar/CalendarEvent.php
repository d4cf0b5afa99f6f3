<?php

declare(strict_types=1);

namespace PaperKite\Calendar;

use PaperKite\Time\Moment;

/** An event as a calendar keeps it. */
final readonly class CalendarEvent
{
    public function __construct(
        /** The same for the same event, however often it is moved. */
        public string $uid,
        /** How often it was moved. */
        public int $sequence,
        public Moment $begins,
        public ?Moment $ends,
        public string $summary,
        /** Blank where nobody has said. */
        public string $place,
        /** More about it, in any number of lines. */
        public string $description,
        public bool $isCancelled,
    ) {}
}
