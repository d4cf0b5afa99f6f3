<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Person;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;
use RuntimeException;

/** Somebody has saved the same thing since the seller began. */
final class ChangedMeanwhile extends RuntimeException
{
    private function __construct(string $message, public readonly int $version)
    {
        parent::__construct($message);
    }

    /**
     * @param  string  $thing  with its verb, as the sentence begins: `This product was`
     * @param  string|null  $at  when, as the shop’s clock shows it; `null` where nobody knows
     * @param  int  $version  the one that stands now
     */
    public static function because(string $thing, ?Person $by, ?Person $reader, ?string $at, int $version): self
    {
        $who = match (true) {
            $by === null => '',
            $by->is($reader) => ' by yourself, in another window',
            default => " by {$by->name}",
        };

        return new self("{$thing} changed meanwhile{$who}".($at === null ? '' : " ({$at})").'. Nothing was saved yet; what you typed still stands here.', $version);
    }

    public static function shownAt(int $seconds, \DateTimeZone $zone): string
    {
        return Wording::english()->dates()->dateAndTime(Moment::ofSeconds($seconds), $zone);
    }
}
