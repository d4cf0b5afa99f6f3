<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Severity;
use PaperKite\Partner\AddressFinding;

#[OA\Schema(schema: 'AddressFinding')]
final readonly class AddressFindingResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Severity')]
        public Severity $severity,
        #[OA\Property]
        public string $sentence,
    ) {}

    public static function of(AddressFinding $finding): self
    {
        return new self($finding->fault->blocks() ? Severity::Error : Severity::Caution, $finding->sentence);
    }
}
