<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** What is told beside an offer that leads to a partner's goods. */
final readonly class PartnerNote
{
    /** What such links say of themselves to search engines and browsers. */
    public const REL = 'sponsored nofollow noopener';

    public function __construct(
        /** That the shop earns by it, in the shop's words. */
        public string $disclosure,
        /** As it was seen there, with its day; blank where none is shown. For media that are about the price. */
        public string $price,
    ) {}
}
