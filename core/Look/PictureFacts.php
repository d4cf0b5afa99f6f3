<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** An uploaded picture, as far as a button needs to know it. */
final readonly class PictureFacts
{
    public function __construct(
        /** The path at the shop's host. */
        public string $path,
        /** In px. */
        public int $width,
        public int $height,
    ) {}
}
