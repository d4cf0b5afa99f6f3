<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Medium\Medium;

#[OA\Schema(schema: 'Medium')]
final readonly class MediumResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/MediumKey')]
        public string $key,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'Whether it follows every change; else it is a copy.')]
        public bool $is_live,
        #[OA\Property]
        public string $note,
    ) {}

    public static function of(Medium $medium): self
    {
        return new self($medium->key(), $medium->label(), $medium->isLive(), $medium->note());
    }
}
