<?php

declare(strict_types=1);

namespace App\Models;

/** The picture by which a product is known. */
final readonly class LeadPicture
{
    public function __construct(
        public string $path,
        public string $alt,
    ) {}
}
