<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use OpenApi\Attributes as OA;
use PaperKite\Look\ButtonSize;

#[OA\Schema(schema: 'ButtonSize', description: 'Lengths that fit together, in px, as the form of a look has them.')]
final readonly class ButtonSizeResource
{
    private function __construct(
        #[OA\Property]
        public string $value,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $font_size,
        #[OA\Property]
        public string $padding_block,
        #[OA\Property]
        public string $padding_inline,
    ) {}

    public static function of(ButtonSize $size): self
    {
        return new self($size->value, $size->label(), ...array_map(strval(...), $size->lengths()));
    }
}
