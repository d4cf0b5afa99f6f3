<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\MarketplaceEntry;
use PaperKite\Partner\ReadAddress;
use PaperKite\Partner\Token;

#[OA\Schema(schema: 'MarketplaceTrial', description: 'A marketplace as it stands in its form, and an address that is tried on it.')]
final readonly class MarketplaceTrialResource
{
    private function __construct(
        #[OA\Property(description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $errors,
        #[OA\Property(description: 'Null: nothing was pasted, or the form is not right yet.')]
        public ?AddressReadingResource $reading,
    ) {}

    public static function of(MarketplaceEntry $entry, string $address, Token $subId): self
    {
        return new self((object) $entry->errors, $entry->marketplace === null || trim($address) === '' ? null : AddressReadingResource::of(ReadAddress::of($address, [$entry->marketplace]), $subId));
    }
}
