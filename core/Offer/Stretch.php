<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Some words of two sentences: in both, in the earlier one only, or in the later one only. */
final readonly class Stretch
{
    private function __construct(
        public string $text,
        public bool $wasThere,
        public bool $isThere,
    ) {}

    public static function kept(string $text): self
    {
        return new self($text, true, true);
    }

    public static function gone(string $text): self
    {
        return new self($text, true, false);
    }

    public static function come(string $text): self
    {
        return new self($text, false, true);
    }
}
