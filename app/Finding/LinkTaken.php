<?php

declare(strict_types=1);

namespace App\Finding;

use PaperKite\Link\AnatomyPart;

/** A link of the shop, taken apart. */
final readonly class LinkTaken
{
    /**
     * @param  string  $says  what it is, in a sentence or two
     * @param  list<AnatomyPart>  $parts
     * @param  list<ThingKey>  $leadsTo
     */
    public function __construct(
        public string $says,
        public array $parts,
        public array $leadsTo,
    ) {}
}
