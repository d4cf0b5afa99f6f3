<?php

declare(strict_types=1);

namespace App\Finding;

/** A thing of the shop, as it is shown where it is found. */
final readonly class FoundThing
{
    public function __construct(
        public Kind $kind,
        public int $id,
        /** What it is a part of: of a place, its offer. */
        public ?int $of,
        public ?string $code,
        public string $label,
        public string $note,
    ) {}

    /** As codes are compared: `HONEY-340` means `honey-340`. */
    public static function codeOf(string $text): string
    {
        return mb_substr(mb_strtolower(trim($text), 'UTF-8'), 0, 64, 'UTF-8');
    }
}
