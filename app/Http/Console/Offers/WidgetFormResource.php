<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Medium\WidgetForm;

#[OA\Schema(schema: 'WidgetFormChoice')]
final readonly class WidgetFormResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/WidgetForm')]
        public WidgetForm $value,
        #[OA\Property]
        public string $label,
    ) {}

    public static function of(WidgetForm $form): self
    {
        return new self($form, $form->label());
    }
}
