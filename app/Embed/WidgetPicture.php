<?php

declare(strict_types=1);

namespace App\Embed;

use OpenApi\Attributes as OA;
use PaperKite\Look\Look;
use PaperKite\Medium\Markup;

#[OA\Schema(schema: 'WidgetPicture', description: 'The seller’s own picture in place of words.')]
final readonly class WidgetPicture
{
    private function __construct(
        #[OA\Property(description: 'A whole address.')]
        public string $src,
        #[OA\Property]
        public string $alt,
        #[OA\Property(description: 'Declarations of CSS.')]
        public string $style,
    ) {}

    /**
     * @param  string  $base  the shop's origin
     * @return self|null `null` where the look has none
     */
    public static function of(Look $look, string $base): ?self
    {
        return $look->picture === null ? null : new self($base.$look->picture->path, $look->picture->text, Markup::style($look->picture->drawn()));
    }
}
