<?php

declare(strict_types=1);

namespace PaperKite\Link;

/** A part of a link, its value, and what it means to the seller. */
final readonly class AnatomyPart
{
    public function __construct(
        public string $part,
        public string $value,
        public string $meaning,
    ) {}
}
