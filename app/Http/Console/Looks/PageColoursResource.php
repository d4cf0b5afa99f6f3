<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use OpenApi\Attributes as OA;
use PaperKite\Look\Contrast;
use PaperKite\Look\PageLook;
use PaperKite\Look\PageLookEntry;

/** What comes of the colours of a form that may not be saved yet. */
#[OA\Schema(schema: 'PageLookTrial')]
final readonly class PageColoursResource
{
    private function __construct(
        #[OA\Property(description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $errors,
        #[OA\Property(description: 'How the least readable text stands out (WCAG 2.2): “4.6, and 5.1 on dark pages”.')]
        public string $contrast,
        #[OA\Property(description: 'The colour that buttons really have, where the accent was moved to be seen; blank where it was not.')]
        public string $moved,
    ) {}

    public static function of(PageLookEntry $entry): self
    {
        $look = $entry->look;
        $fill = $look->colours()->fill;

        return new self(
            (object) $entry->errors,
            implode(', ', array_map(static fn (string $when, float $ratio): string => trim(Contrast::shown($ratio)." {$when}"), $look->staysLight ? [''] : ['', 'on dark pages'], self::worst($look))),
            $fill->equals($look->accent) ? '' : $fill->hex(),
        );
    }

    /** @return list<float> */
    private static function worst(PageLook $look): array
    {
        $worst = [];
        foreach ($look->staysLight ? [$look->colours()] : [$look->colours(), $look->darkColours()] as $colours) {
            $ratios = [Contrast::ratio($colours->onFill, $colours->fill)];
            foreach ([$colours->ink, $colours->pencil, $colours->link] as $text) {
                $ratios[] = min(Contrast::ratio($text, $colours->paper), Contrast::ratio($text, $colours->sheet));
            }
            $worst[] = min($ratios);
        }

        return $worst;
    }
}
