<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\AddressFinding;
use PaperKite\Partner\AddressPart;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\ReadAddress;
use PaperKite\Partner\Token;

#[OA\Schema(schema: 'AddressReading', description: 'What a pasted address, a reference or words to search for name at a marketplace.')]
final readonly class AddressReadingResource
{
    /**
     * @param  list<AddressPartResource>  $parts
     * @param  list<AddressFindingResource>  $findings
     */
    private function __construct(
        #[OA\Property(description: 'Blank: none of the shop’s.')]
        public string $marketplace,
        #[OA\Property(description: 'What it names; blank: nothing that can be kept.')]
        public string $target,
        #[OA\Property(description: 'Where a click would lead; blank: nowhere.')]
        public string $address,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AddressPartResource::class))]
        public array $parts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AddressFindingResource::class))]
        public array $findings,
    ) {}

    public static function of(ReadAddress $read, Token $subId): self
    {
        return new self(
            $read->marketplace->name ?? '',
            $read->target?->words() ?? '',
            $read->marketplace === null || $read->target === null ? '' : OutgoingAddress::of($read->marketplace, $read->target, $subId),
            array_map(static fn (AddressPart $part) => AddressPartResource::of($part), $read->parts),
            array_map(static fn (AddressFinding $finding) => AddressFindingResource::of($finding), $read->findings),
        );
    }
}
