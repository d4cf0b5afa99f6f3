<?php

declare(strict_types=1);

namespace App\Http\Console\Deleting;

use App\Deleting\Deletable;
use App\Deleting\Deleted;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Deleted')]
final readonly class DeletedResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Deletable')]
        public Deletable $kind,
        #[OA\Property(description: 'As a person reads it.')]
        public string $kind_label,
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {}

    public static function of(Deleted $deleted): self
    {
        return new self($deleted->kind, $deleted->kind->label(), $deleted->id, $deleted->name, $deleted->at->toIso8601ZuluString());
    }
}
