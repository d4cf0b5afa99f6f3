<?php

declare(strict_types=1);

namespace App\Embed;

use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;

#[OA\Schema(schema: 'WidgetOption')]
final readonly class WidgetOption
{
    /** @param  list<string>  $choices */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $choices,
    ) {}

    public static function of(Option $option): self
    {
        return new self($option->name, array_map(static fn (Choice $choice): string => $choice->name, array_values($option->choices)));
    }
}
