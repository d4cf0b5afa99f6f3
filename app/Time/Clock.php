<?php

declare(strict_types=1);

namespace App\Time;

use Carbon\CarbonImmutable;
use PaperKite\Time\Moment;
use Psr\Clock\ClockInterface;

/**
 * What time it is for the shops: the one place where the application reads the clock.
 *
 * The demo can be moved on by days; how far, a file says that the stand-ins read too. Console sessions and rate limits
 * stay on the machine's own clock, so that moving the demo on signs nobody out.
 */
final readonly class Clock implements ClockInterface
{
    /** @param  string|null  $offsetFile  holds seconds to add; `null` where the time is the machine's */
    public function __construct(private ?string $offsetFile = null) {}

    public function now(): CarbonImmutable
    {
        [$now, $ahead] = [CarbonImmutable::now('UTC'), $this->offset()];

        return $ahead === 0 ? $now : $now->addSeconds($ahead);
    }

    /** @return int since 1970; no date is made of it, for which a click that only leads on would wait */
    public function seconds(): int
    {
        return self::secondsBy($this->offsetFile);
    }

    public function moment(): Moment
    {
        return Moment::ofSeconds((int) $this->now()->getTimestamp());
    }

    /** @return int seconds that the demo is ahead */
    public function offset(): int
    {
        return self::ahead($this->offsetFile);
    }

    /**
     * Without an object, for a click that is answered before the framework starts.
     *
     * @param  string|null  $offsetFile  holds seconds to add; `null` where the time is the machine's
     * @return int since 1970
     */
    public static function secondsBy(?string $offsetFile): int
    {
        return $offsetFile === null ? time() : time() + self::ahead($offsetFile);
    }

    private static function ahead(?string $offsetFile): int
    {
        $kept = $offsetFile === null || ! is_file($offsetFile) ? false : file_get_contents($offsetFile);

        return $kept === false ? 0 : (int) $kept;
    }
}
