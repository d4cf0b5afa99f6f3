<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Embed\WidgetShelf;
use App\Embed\WidgetWords;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ShelfTrial', description: 'What there is to say of a shelf that may not be saved yet.')]
final readonly class ShelfTrialResource
{
    public function __construct(
        #[OA\Property(description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $errors,
        #[OA\Property(description: 'As its widget will show it.')]
        public WidgetShelf $shelf,
        #[OA\Property]
        public WidgetWords $words,
    ) {}
}
