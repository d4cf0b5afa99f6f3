<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** The ways of opening that the slot of the sentence lists: those that work with what was picked, where it stands. */
final class OpeningChoice
{
    /** @return list<Opening> what was chosen before among them */
    public static function for(Draft $draft): array
    {
        $showsGoods = $draft->items !== [] && $draft->onwards !== Onwards::Page;

        return array_values(array_filter(Opening::cases(), static fn (Opening $opening): bool => $opening === $draft->opening || match ($opening) {
            Opening::SameTab, Opening::NewTab => true,
            Opening::OwnPage => $showsGoods,
            Opening::PopOver => $showsGoods && $draft->shop->opensOnPages(),
        }));
    }
}
