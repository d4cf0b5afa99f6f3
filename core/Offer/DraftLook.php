<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** What is known of the look that was picked. */
final readonly class DraftLook
{
    public function __construct(
        public string $name,
        /** @var list<string> what is hard to see or to hit in it, each a sentence */
        public array $doubts = [],
        /** How many letters stand in one line of it on a narrow page; `null` where it has no words. */
        public ?int $lettersInALine = null,
    ) {}
}
