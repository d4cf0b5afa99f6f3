<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use OpenApi\Attributes as OA;
use PaperKite\Look\LookDoubt;

#[OA\Schema(schema: 'LookDoubt', description: 'What is hard to see or to hit in a look.')]
final readonly class LookDoubtResource
{
    private function __construct(
        #[OA\Property(description: 'The field it is about.')]
        public string $at,
        #[OA\Property]
        public string $sentence,
        #[OA\Property(description: 'A value that would do.')]
        public ?string $proposal,
    ) {}

    public static function of(LookDoubt $doubt): self
    {
        return new self($doubt->at, $doubt->sentence, $doubt->proposal);
    }
}
