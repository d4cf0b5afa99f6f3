<?php

declare(strict_types=1);

namespace App\Catalogue;

use PaperKite\Text\FormInput;

/** A picture in a product’s form. */
final readonly class PictureEntry
{
    private const LONGEST_ALT = 200;

    private function __construct(
        public int $id,
        /** What it shows, for whoever can't see it. */
        public string $alt,
    ) {}

    public static function of(FormInput $typed): ?self
    {
        $id = $typed->id('id');
        $alt = preg_replace('/[\p{Cc}\p{Zl}\p{Zp}]+/u', ' ', mb_scrub($typed->text('alt'), 'UTF-8')) ?? '';

        return $id === null ? null : new self($id, mb_substr(trim($alt), 0, self::LONGEST_ALT));
    }
}
