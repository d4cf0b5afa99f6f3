<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** What is looked for at a marketplace: an item, the answers to a search, or a page that is neither. */
interface Target
{
    /** `item`, `search` or `page`, as it is kept. */
    public function kind(): string;

    /** As a seller reads it: "item 90210". */
    public function words(): string;
}
