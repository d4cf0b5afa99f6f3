<?php

declare(strict_types=1);

namespace PaperKite\Download;

use PaperKite\Time\Moment;

/** How a link to files stands. */
enum LinkState: string
{
    case Open = 'open';

    /** Its days are over. */
    case Expired = 'expired';

    /** The seller, or money that went back, has ended it. */
    case Stopped = 'stopped';

    public static function at(Moment $now, Moment $until, bool $isStopped): self
    {
        return match (true) {
            $isStopped => self::Stopped,
            $now->seconds >= $until->seconds => self::Expired,
            default => self::Open,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Open => 'Open',
            self::Expired => 'Expired',
            self::Stopped => 'Stopped',
        };
    }

    /** Key of the phrase that tells a shopper why nothing is to be had; `null` where it is. */
    public function refusal(): ?string
    {
        return match ($this) {
            self::Open => null,
            self::Expired => 'download.expired',
            self::Stopped => 'download.stopped',
        };
    }
}
