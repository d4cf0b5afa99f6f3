<?php

declare(strict_types=1);

namespace PaperKite\Download;

use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** For how long a link to a file works, and how often the file may be downloaded. */
final readonly class DownloadTerms
{
    public const USUAL_DAYS = 30;

    public const USUAL_TIMES = 5;

    private const MOST_DAYS = 3650;

    private const MOST_TIMES = 1000;

    public function __construct(
        public int $days = self::USUAL_DAYS,
        /** For each piece that was bought. */
        public int $times = self::USUAL_TIMES,
    ) {}

    /** With what a product says of itself. */
    public function with(?int $days, ?int $times): self
    {
        return new self($days ?? $this->days, $times ?? $this->times);
    }

    /** @return int|null `null` where nothing was typed */
    public static function daysIn(FormInput $typed, FieldErrors $wrong): ?int
    {
        return self::number($typed, 'download_days', self::MOST_DAYS, 'days', $wrong);
    }

    /** @return int|null `null` where nothing was typed */
    public static function timesIn(FormInput $typed, FieldErrors $wrong): ?int
    {
        return self::number($typed, 'download_times', self::MOST_TIMES, 'downloads', $wrong);
    }

    private static function number(FormInput $typed, string $key, int $most, string $unit, FieldErrors $wrong): ?int
    {
        $text = trim($typed->text($key));
        if ($text === '') {
            return null;
        }
        $number = preg_match('/\A[0-9]{1,5}\z/', $text) === 1 ? (int) $text : 0;
        if ($number < 1 || $number > $most) {
            $wrong->add($typed->path($key), "“{$text}” is not a number of {$unit}; enter one from 1 to {$most}.");

            return null;
        }

        return $number;
    }
}
