<?php

declare(strict_types=1);

namespace App\Embed;

use OpenApi\Attributes as OA;
use PaperKite\Look\Look;
use PaperKite\Look\Side;

#[OA\Schema(schema: 'WidgetIcon', description: 'A mark beside the words, drawn with the colour of the words.')]
final readonly class WidgetIcon
{
    private function __construct(
        #[OA\Property(description: 'The path of SVG, in a box of 20 by 20.')]
        public string $path,
        #[OA\Property(description: 'A whole address of a picture in place of the path; blank: the path is drawn.')]
        public string $src,
        #[OA\Property(description: 'Of the picture, in px.')]
        public int $width,
        #[OA\Property(description: 'In px; of a picture its height.')]
        public int $size,
        #[OA\Property(description: 'To the words, in px.')]
        public int $gap,
        #[OA\Property(description: 'Whether it stands after the words.')]
        public bool $is_last,
    ) {}

    /**
     * @param  string  $base  the shop's origin
     * @return self|null `null` where the look has none
     */
    public static function of(Look $look, string $base): ?self
    {
        if (! $look->hasIcon()) {
            return null;
        }
        $picture = $look->iconPicture;
        [$width, $height] = $picture?->drawn($look->fontSize) ?? [$look->fontSize, $look->fontSize];

        return new self($look->icon->path(), $picture === null ? '' : $base.$picture->path, $width, $height, $look->iconGap, $look->iconSide === Side::End);
    }
}
