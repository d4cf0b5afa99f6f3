<?php

declare(strict_types=1);

namespace PaperKite\Partner\Writing;

/** A piece of a text, which stands in another text word for word, or does not. */
final readonly class TextSegment
{
    public function __construct(
        public string $text,
        public bool $isCopied,
    ) {}
}
