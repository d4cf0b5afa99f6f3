<?php

declare(strict_types=1);

namespace PaperKite\Partner\Writing;

/** What a marketplace writes of an item. */
final readonly class TheirWords
{
    public function __construct(
        public string $title,
        /** Without markup; blank where it writes none. */
        public string $text,
    ) {}
}
