<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Embed\WidgetData;
use App\Embed\WidgetWords;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WidgetProof', description: 'A widget as its pages will show it.')]
final readonly class WidgetProofResource
{
    public function __construct(
        #[OA\Property]
        public WidgetData $widget,
        #[OA\Property]
        public WidgetWords $words,
    ) {}
}
