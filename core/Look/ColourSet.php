<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** The colours of a button in one state. */
final readonly class ColourSet
{
    public function __construct(
        public Colour $fill,
        public Colour $ink,
        public Colour $border,
    ) {}
}
