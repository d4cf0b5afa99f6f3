<?php

declare(strict_types=1);

namespace PaperKite\Partner\Writing;

/** How long titles and texts of partners' goods may be, by the shop's own measure. */
final readonly class TextLimits
{
    public function __construct(
        /** In words. */
        public int $title = 3,
        /** In words. */
        public int $text = 500,
    ) {}
}
