<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use OpenApi\Attributes as OA;

/** How the shopper is asked how many. */
#[OA\Schema(schema: 'AskEntry', description: 'As typed.')]
final readonly class AskForm
{
    private const LEAST = 1;

    private const MOST = 10;

    private function __construct(
        #[OA\Property]
        public bool $is_asked,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $least,
        #[OA\Property]
        public string $most,
    ) {}

    public static function of(Offer $offer): self
    {
        return new self($offer->ask_label !== null, $offer->ask_label ?? '', (string) ($offer->ask_least ?? self::LEAST), (string) ($offer->ask_most ?? self::MOST));
    }
}
