<?php

declare(strict_types=1);

namespace App\Partners;

use App\Database\Joined;
use App\Models\Marketplace;
use App\Models\MarketplaceHost;
use App\Models\Partner;
use App\Models\PartnerAddress;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use PaperKite\Catalogue\ProductKind;

/** The addresses of a partner's goods, with their marketplaces, as a part of a joined read. */
final class JoinedAddresses
{
    public const COLUMNS = [
        'partner_addresses' => ['id', 'product_id', 'marketplace_id', 'kind', 'target', 'is_fallback', 'price_minor', 'priced_on', 'price_state'],
        'marketplaces' => ['id', 'name', 'scheme', 'port', 'patterns', 'item_address', 'search_address', 'keeps', 'id_parameter', 'sub_id_parameter', 'country', 'currency', 'counts', 'counts_for_hours', 'own_id'],
        'marketplace_hosts' => ['id', 'host'],
        'partners' => ['id', 'name'],
    ];

    /** @param  Builder  $read  of products, of which a partner's come as often as they have addresses */
    public static function to(Builder $read): Builder
    {
        return $read
            ->leftJoin('partner_addresses', static fn (JoinClause $join) => $join->on('partner_addresses.product_id', 'products.id')->whereIn('products.kind', ProductKind::elsewhere()))
            ->leftJoin('marketplaces', 'marketplaces.id', '=', 'partner_addresses.marketplace_id')
            ->leftJoin('marketplace_hosts', static fn (JoinClause $join) => $join->on('marketplace_hosts.marketplace_id', 'marketplaces.id')->where('marketplace_hosts.position', 0))
            ->leftJoin('partners', 'partners.id', '=', 'marketplaces.partner_id');
    }

    /**
     * @param  array<mixed>  $row
     * @return PartnerAddress|null with its marketplace, and of its hosts the one that links lead to
     */
    public static function address(array $row): ?PartnerAddress
    {
        if (($row['partner_addresses_id'] ?? null) === null) {
            return null;
        }
        $marketplace = Joined::model(new Marketplace, 'marketplaces', self::COLUMNS['marketplaces'], $row);
        $host = Joined::model(new MarketplaceHost, 'marketplace_hosts', self::COLUMNS['marketplace_hosts'], $row);
        $marketplace?->setRelation('partner', Joined::model(new Partner, 'partners', self::COLUMNS['partners'], $row))->setRelation('hosts', new Collection(array_filter([$host])));

        return Joined::model(new PartnerAddress, 'partner_addresses', self::COLUMNS['partner_addresses'], $row)?->setRelation('marketplace', $marketplace);
    }
}
