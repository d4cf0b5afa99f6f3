<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\ButtonState;

#[OA\Schema(schema: 'ButtonStateChoice')]
final readonly class ButtonStateResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/ButtonState')]
        public ButtonState $value,
        #[OA\Property]
        public string $label,
    ) {}

    public static function of(ButtonState $state): self
    {
        return new self($state, $state->label());
    }
}
