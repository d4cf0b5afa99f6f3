<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Offer;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WidgetAsk', description: 'The question how many.')]
final readonly class WidgetAsk
{
    private function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public int $least,
        #[OA\Property]
        public int $most,
        #[OA\Property(description: 'What stands there at first.')]
        public int $usual,
    ) {}

    /** @return self|null `null` where one click always adds the same number */
    public static function of(Offer $offer): ?self
    {
        $ask = $offer->ask();

        return $ask === null ? null : new self($ask->label, $ask->least, $ask->most, $offer->lines->first()->quantity ?? $ask->least);
    }
}
