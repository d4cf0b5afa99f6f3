<?php

declare(strict_types=1);

namespace App\Http\Console\Finding;

use App\Finding\Act;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FoundAct')]
final readonly class FoundActResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Act')]
        public Act $act,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'Whether it is an act, a setting or a page.')]
        public string $note,
    ) {}

    public static function of(Act $act): self
    {
        return new self($act, $act->label(), $act->note());
    }
}
