<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use App\Looks\LookForm;
use App\Models\Look;
use OpenApi\Attributes as OA;
use PaperKite\Look\LookCheck;
use PaperKite\Look\LookDoubt;

#[OA\Schema(schema: 'Look')]
final readonly class LookResource
{
    /**
     * @param  list<LookDoubtResource>  $doubts
     */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
        #[OA\Property(description: 'Whether it is used by offers that name none.')]
        public bool $is_usual,
        #[OA\Property(description: 'Whether the values before the last change can be put back.')]
        public bool $has_earlier,
        #[OA\Property(description: 'By how many offers it is named.')]
        public int $offers,
        #[OA\Property(description: 'Whether it is put away, and no longer offered for others.')]
        public bool $is_away,
        #[OA\Property]
        public LookForm $entry,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LookDoubtResource::class))]
        public array $doubts,
    ) {}

    public static function of(Look $look, int $version, int $usualId, int $offers): self
    {
        return new self(
            id: $look->id,
            name: $look->name,
            version: $version,
            is_usual: $look->id === $usualId,
            has_earlier: $look->earlier !== null,
            offers: $offers,
            is_away: $look->put_away_at !== null,
            entry: LookForm::of($look->name, $look->values),
            doubts: array_map(static fn (LookDoubt $doubt) => LookDoubtResource::of($doubt), LookCheck::of($look->values)),
        );
    }
}
