<?php

declare(strict_types=1);

namespace PaperKite\Offer;

enum OfferState: string
{
    case Draft = 'draft';
    case Live = 'live';
    case Paused = 'paused';
    case Archived = 'archived';

    /** @return list<self> */
    public function next(): array
    {
        return match ($this) {
            self::Draft => [self::Live, self::Archived],
            self::Live => [self::Paused, self::Archived],
            self::Paused => [self::Live, self::Archived],
            // Back from the archive an offer waits, so that nothing sells by surprise.
            self::Archived => [self::Paused],
        };
    }

    public function canBecome(self $next): bool
    {
        return in_array($next, $this->next(), true);
    }
}
