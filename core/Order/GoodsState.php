<?php

declare(strict_types=1);

namespace PaperKite\Order;

/** How far the goods of an order have come. The money has a state of its own. */
enum GoodsState: string
{
    case New = 'new';
    case Packed = 'packed';
    case Sent = 'sent';

    /** A service or a donation alone. */
    case Nothing = 'nothing';

    /** Fetched by the shopper. */
    case Collected = 'collected';

    /** They stay where they are, and the money goes back. */
    case Cancelled = 'cancelled';

    /** @return list<self> what it can become next; of what has been sent the shopper was told, so that it stays sent */
    public function next(): array
    {
        return match ($this) {
            self::New => [self::Packed, self::Sent, self::Collected, self::Cancelled],
            self::Packed => [self::Sent, self::Collected, self::New, self::Cancelled],
            self::Collected => [self::Packed],
            self::Nothing => [self::Cancelled],
            self::Sent, self::Cancelled => [],
        };
    }

    public function canBecome(self $next): bool
    {
        return in_array($next, $this->next(), true);
    }

    /** @return list<self> what can be said of many orders at once; cancelling says for each how much goes back to whom */
    public static function forMany(): array
    {
        return [self::New, self::Packed, self::Sent, self::Collected];
    }

    /** Why it can't become that, as a sentence. */
    public function objectionTo(self $next): string
    {
        $now = mb_strtolower($this->label());
        $then = mb_strtolower($next->label());

        return $this === self::Nothing ? 'There is nothing to send of it.' : "It is {$now}, and can’t become {$then} any more.";
    }

    public function label(): string
    {
        return match ($this) {
            self::New => 'New',
            self::Packed => 'Packed',
            self::Sent => 'Sent',
            self::Collected => 'Collected',
            self::Nothing => 'Nothing to send',
            self::Cancelled => 'Cancelled',
        };
    }

    /** What a button says that makes it so. */
    public function deed(): string
    {
        return match ($this) {
            self::New => 'Mark as new',
            self::Packed => 'Mark as packed',
            self::Sent => 'Mark as sent',
            self::Collected => 'Mark as collected',
            self::Nothing => 'Nothing to send',
            self::Cancelled => 'Cancel order',
        };
    }
}
