<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Captions that say where the click leads, for a seller who has none yet. */
final class CaptionIdeas
{
    /** @return list<string> none longer than a caption may be, none the one that stands there */
    public static function for(Offer $offer, string $shop): array
    {
        return array_values(array_filter($offer->destination->captionIdeas($shop), static fn (string $idea): bool => mb_strlen($idea) <= StateWords::LONGEST && $idea !== $offer->caption()));
    }
}
