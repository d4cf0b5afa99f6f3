<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Stretch;

#[OA\Schema(schema: 'Stretch', description: 'Some words of two sentences: in both, in the earlier one only, or in the later one only.')]
final readonly class StretchResource
{
    private function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public bool $was_there,
        #[OA\Property]
        public bool $is_there,
    ) {}

    public static function of(Stretch $stretch): self
    {
        return new self($stretch->text, $stretch->wasThere, $stretch->isThere);
    }
}
