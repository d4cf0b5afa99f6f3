<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use DateTimeZone;
use PaperKite\Catalogue\Event;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;
use PaperKite\Time\LocalTime;
use PaperKite\Time\Moment;

/** When and where something takes place, as a form holds it: `begins`, `ends`, `place`. */
final class EventEntry
{
    private const LONGEST_PLACE = 200;

    /** @return Event|null `null` where no date is given, or where one is wrong, which has been noted */
    public static function read(FormInput $typed, DateTimeZone $zone, FieldErrors $wrong): ?Event
    {
        $begins = self::moment($typed, 'begins', $zone, $wrong);
        $ends = self::moment($typed, 'ends', $zone, $wrong);
        $place = trim($typed->text('place')) === '' ? '' : $wrong->at($typed->path('place'), static fn (): string => Line::of($typed->text('place'), 'The place', self::LONGEST_PLACE)->text) ?? '';
        if ($ends !== null && $begins === null && trim($typed->text('begins')) === '') {
            $wrong->add($typed->path('ends'), 'Say when it begins, too, or clear this.');
        } elseif ($ends !== null && $begins !== null && ! $begins->isBefore($ends)) {
            $wrong->add($typed->path('ends'), 'It ends before it begins; move one of the two.');
        } elseif ($place !== '' && $begins === null && trim($typed->text('begins')) === '') {
            $wrong->add($typed->path('place'), 'Say when it begins, too, or clear this.');
        }

        return $begins === null ? null : new Event($begins, $ends, $place);
    }

    private static function moment(FormInput $typed, string $key, DateTimeZone $zone, FieldErrors $wrong): ?Moment
    {
        return trim($typed->text($key)) === '' ? null : $wrong->at($typed->path($key), static fn (): Moment => LocalTime::read($typed->text($key), $zone));
    }
}
