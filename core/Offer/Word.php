<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** What a button says in one state, and who says so. */
final readonly class Word
{
    public function __construct(
        public ButtonState $state,
        public string $text,
        public WordSource $source,
    ) {}
}
