<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use OpenApi\Attributes as OA;
use PaperKite\Partner\AddressesEntry;
use Symfony\Component\Intl\Countries;

#[OA\Schema(schema: 'Sent', description: 'Which shoppers are sent where.')]
final readonly class SentResource
{
    private function __construct(
        #[OA\Property(description: 'A country, or everybody else.')]
        public string $who,
        #[OA\Property(description: 'A marketplace, or what they see instead.')]
        public string $where,
    ) {}

    /** @return list<self> none where there is no address */
    public static function listOf(AddressesEntry $addresses): array
    {
        if ($addresses->addresses === []) {
            return [];
        }
        $rows = [];
        foreach ($addresses->addresses as $address) {
            $country = $address->marketplace->country;
            $rows[$country] ??= new self(Countries::getName($country, 'en'), self::where($addresses, $country));
        }

        return [...array_values($rows), new self('Everybody else', self::where($addresses, null))];
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2; blank: none was asked for
     * @return string one sentence; blank where there is nothing to say
     */
    public static function tried(AddressesEntry $addresses, string $country): string
    {
        return $addresses->addresses === [] || ! Countries::exists($country) ? '' : 'A shopper in '.Countries::getName($country, 'en').': '.self::where($addresses, $country).'.';
    }

    private static function where(AddressesEntry $addresses, ?string $country): string
    {
        $id = $addresses->route()->for($country);
        foreach ($addresses->addresses as $address) {
            if ($address->marketplaceId === $id) {
                return $address->marketplace->name;
            }
        }

        return 'a page that says so, with other goods of yours';
    }
}
