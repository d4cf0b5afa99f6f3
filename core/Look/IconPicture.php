<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** The seller's own picture in place of a drawn mark; it decorates, and says nothing to a reader. */
final readonly class IconPicture
{
    public function __construct(
        /** The path at the shop's host. */
        public string $path,
        /** In px, as it was uploaded. */
        public int $ownWidth,
        public int $ownHeight,
    ) {}

    /** @return array{int, int} width and height in px, beside words of this size: as high as their line */
    public function drawn(int $fontSize): array
    {
        $height = (int) ceil($fontSize * 1.25);

        return [max(1, (int) round($height * $this->ownWidth / max(1, $this->ownHeight))), $height];
    }
}
