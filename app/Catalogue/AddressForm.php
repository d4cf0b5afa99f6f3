<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\PartnerAddress;
use OpenApi\Attributes as OA;
use PaperKite\Partner\NamedBy;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\Search;

/** Where a product is to be had at one marketplace, as its form holds it. */
#[OA\Schema(schema: 'AddressEntry', description: 'As typed.')]
final readonly class AddressForm
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/NamedBy')]
        public NamedBy $by,
        #[OA\Property(description: 'Null: the address says.')]
        public ?int $marketplace_id,
        #[OA\Property(description: 'An address, a reference or words to search for.')]
        public string $text,
        #[OA\Property(description: 'As it was seen there, in the marketplace’s currency; blank: none is shown.')]
        public string $price,
        #[OA\Property(description: 'Whether shoppers of no listed country are sent there.')]
        public bool $is_fallback,
        #[OA\Property(description: 'As the marketplace calls it, for its commission; blank: none.')]
        public string $category,
    ) {}

    /** @param  PartnerAddress  $address  with its marketplace */
    public static function of(PartnerAddress $address): self
    {
        $isSearch = $address->target instanceof Search;

        return new self(
            $isSearch ? NamedBy::Search : NamedBy::Address,
            $address->marketplace_id,
            $address->target instanceof Search ? $address->target->searched : OutgoingAddress::plain($address->marketplace->toCore(), $address->target),
            $address->price()?->decimal() ?? '',
            $address->is_fallback === true,
            $address->category,
        );
    }
}
