<?php

declare(strict_types=1);

namespace PaperKite\Page;

/** A picture that stands beside a link to a page. */
final readonly class SharedPicture
{
    public function __construct(
        /** A whole address. */
        public string $address,
        /** What it shows; blank where nobody said. */
        public string $text,
        /** In px; `null` where it is not known. */
        public ?int $width = null,
        public ?int $height = null,
    ) {}
}
