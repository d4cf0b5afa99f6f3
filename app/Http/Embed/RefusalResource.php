<?php

declare(strict_types=1);

namespace App\Http\Embed;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Refusal', description: 'Why nothing is told, or done.')]
final readonly class RefusalResource
{
    public function __construct(
        #[OA\Property(description: 'A sentence for whoever reads it.')]
        public string $message,
        #[OA\Property(description: 'Of the form of answers that is known here.')]
        public int $v = WidgetsResource::VERSION,
    ) {}
}
