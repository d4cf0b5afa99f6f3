<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\PartnerGoods;
use PaperKite\Partner\Marketplace;
use PaperKite\Partner\OutgoingAddress;
use Symfony\Component\Intl\Countries;

#[OA\Schema(schema: 'LedTo', description: 'Where shoppers of a country are led by a click on a partner’s goods.')]
final readonly class LedToResource
{
    private function __construct(
        #[OA\Property(description: 'A country, or everybody else.')]
        public string $who,
        #[OA\Property(description: 'A marketplace, or what they see instead.')]
        public string $where,
        #[OA\Property(description: 'With the partner ID, and without what each place adds; blank: nowhere.')]
        public string $address,
    ) {}

    /**
     * @param  list<DraftItem>  $items
     * @return list<self> none where no partner's goods stand alone
     */
    public static function listOf(array $items): array
    {
        $goods = count($items) === 1 ? $items[0]->partner : null;
        if ($goods === null) {
            return [];
        }
        $countries = array_values(array_unique(array_map(static fn (Marketplace $marketplace): string => $marketplace->country, $goods->marketplaces())));

        return [...array_map(static fn (string $country): self => self::of($goods, $country), $countries), self::of($goods, null)];
    }

    private static function of(PartnerGoods $goods, ?string $country): self
    {
        $page = $goods->pageFor($country);

        return new self(
            $country === null ? 'Everybody else' : Countries::getName($country, 'en'),
            $page->marketplace->name ?? 'a page that says so, with other goods of yours',
            $page === null ? '' : OutgoingAddress::of($page->marketplace, $page->leadsTo($goods->name), null),
        );
    }
}
