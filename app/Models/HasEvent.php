<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use PaperKite\Catalogue\Event;
use PaperKite\Time\Moment;

/**
 * What takes place, or whose product says when.
 *
 * @property CarbonImmutable|null $begins_at
 * @property CarbonImmutable|null $ends_at
 * @property string $place
 * @property int $event_sequence how often it was moved
 */
trait HasEvent
{
    public function initializeHasEvent(): void
    {
        $this->mergeCasts(['begins_at' => 'immutable_datetime', 'ends_at' => 'immutable_datetime']);
    }

    /** As its own row says; `null` where it says nothing. */
    public function ownEvent(): ?Event
    {
        $moment = static fn (?CarbonImmutable $at): ?Moment => $at === null ? null : Moment::ofSeconds((int) $at->getTimestamp());
        $begins = $moment($this->begins_at);

        return $begins === null ? null : new Event($begins, $moment($this->ends_at), $this->place);
    }
}
