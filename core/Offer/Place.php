<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Where an offer stands, as far as the offer must know of it. */
final readonly class Place
{
    public function __construct(
        public string $name,
        /** Whether it can open things on the page where it stands. */
        public bool $isWidget,
    ) {}
}
