<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use LogicException;
use PaperKite\Partner\Marketplace;
use PaperKite\Partner\MarketplaceEntry;
use PaperKite\Text\FormInput;

/** Three marketplaces that are unlike each other: an item with its title in the path, in a parameter, in a path of two parts. */
final class Markets
{
    /** @param  array<string, mixed>  $changes */
    public static function lane(array $changes = []): Marketplace
    {
        return self::market($changes + ['name' => 'Lane Ireland', 'partner' => 'Lane', 'hosts' => ['lane.example'], 'patterns' => ['/{item}-{slug}'], 'item_address' => '/i/{item}', 'search_address' => '/search{?q}', 'keeps' => ['colour'], 'id_parameter' => 'lane', 'sub_id_parameter' => 'knot']);
    }

    /** @param  array<string, mixed>  $changes */
    public static function quay(array $changes = []): Marketplace
    {
        return self::market($changes + ['name' => 'Quay Sweden', 'partner' => 'Quay', 'hosts' => ['quay.example', 'm.quay.example'], 'item_address' => '/goods{?nr}', 'search_address' => '/find/{words}', 'id_parameter' => 'kaj', 'country' => 'SE', 'currency' => 'SEK', 'counts' => 'item']);
    }

    /** @param  array<string, mixed>  $changes */
    public static function plaza(array $changes = []): Marketplace
    {
        return self::market($changes + ['name' => 'Plaza Spain', 'partner' => 'Plaza', 'hosts' => ['plaza.example'], 'item_address' => '/{category}/{item}.html', 'keeps' => ['talla', 'color'], 'id_parameter' => 'socio', 'sub_id_parameter' => 'lugar', 'country' => 'ES']);
    }

    /** @return list<Marketplace> */
    public static function all(): array
    {
        return [self::lane(), self::quay(), self::plaza()];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed> a form that is right
     */
    public static function form(array $changes): array
    {
        return $changes + [
            'name' => 'Lane Ireland', 'partner' => 'Lane', 'scheme' => 'https', 'hosts' => ['lane.example'], 'port' => '', 'patterns' => [], 'item_address' => '/i/{item}', 'search_address' => '', 'keeps' => [],
            'id_parameter' => 'lane', 'sub_id_parameter' => '', 'country' => 'IE', 'currency' => 'EUR', 'counts' => 'any', 'counts_for_hours' => '24', 'partner_id' => 'moss-7',
        ];
    }

    /** @param  array<string, mixed>  $changes */
    private static function market(array $changes): Marketplace
    {
        $entry = MarketplaceEntry::read(FormInput::of(self::form($changes)));

        return $entry->marketplace ?? throw new LogicException(implode(' ', $entry->errors));
    }
}
