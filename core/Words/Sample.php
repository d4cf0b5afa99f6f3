<?php

declare(strict_types=1);

namespace PaperKite\Words;

/** What can be shown of a shop's words before they are saved. */
enum Sample: string
{
    case Thanks = 'thanks';
    case Confirmation = 'confirmation';
    case Sent = 'sent';
    case Cancelled = 'cancelled';
    case Refunded = 'refunded';
    case Moved = 'moved';
    case Downloads = 'downloads';
    case NewVersion = 'new_version';
    case SignIn = 'sign_in';

    public function label(): string
    {
        return match ($this) {
            self::Thanks => 'Thank-you page',
            self::Confirmation => 'Mail: order made',
            self::Sent => 'Mail: sent',
            self::Cancelled => 'Mail: cancelled',
            self::Refunded => 'Mail: refunded',
            self::Moved => 'Mail: moved date',
            self::Downloads => 'Mail: link to files',
            self::NewVersion => 'Mail: new version',
            self::SignIn => 'Mail: link',
        };
    }
}
