<?php

declare(strict_types=1);

namespace App\Embed;

use OpenApi\Attributes as OA;
use PaperKite\Look\Icon;
use PaperKite\Look\Look;
use PaperKite\Look\Side;

#[OA\Schema(schema: 'WidgetIcon', description: 'A mark beside the words, drawn with the colour of the words.')]
final readonly class WidgetIcon
{
    private function __construct(
        #[OA\Property(description: 'The path of SVG, in a box of 20 by 20.')]
        public string $path,
        #[OA\Property(description: 'In px.')]
        public int $size,
        #[OA\Property(description: 'To the words, in px.')]
        public int $gap,
        #[OA\Property(description: 'Whether it stands after the words.')]
        public bool $is_last,
    ) {}

    /** @return self|null `null` where the look has none */
    public static function of(Look $look): ?self
    {
        return $look->icon === Icon::None ? null : new self($look->icon->path(), $look->fontSize, $look->iconGap, $look->iconSide === Side::End);
    }
}
