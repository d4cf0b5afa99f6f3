<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;
use PaperKite\Words\OwnPhrase;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'Phrase')]
final readonly class PhraseResource
{
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property(description: 'As it is said everywhere; what stands in braces is filled in.')]
        public string $standard,
        #[OA\Property(description: 'As this shop says it; blank: as everywhere.')]
        public string $own,
        #[OA\Property(description: 'Whether it may have several lines.')]
        public bool $has_lines,
    ) {}

    public static function of(string $key, string $standard, Wording $words): self
    {
        return new self($key, $standard, $words->own($key), OwnPhrase::isOfSeveralLines($key));
    }
}
