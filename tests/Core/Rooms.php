<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The borders of the application's rooms, checked by phpstan through phpat; `RoomsTest` holds the list to what is there. */
final class Rooms
{
    /** What stands at the edge: it may know every room, and no room knows it. */
    public const EDGE = ['Console', 'Demo', 'HotLane', 'Http', 'OpenApi', 'Policies', 'Providers'];

    /** @var array<string, list<string>> rooms by name, with those that each stands on */
    public const ON = [
        'Carts' => ['Database', 'GiftCards', 'Models', 'Text', 'Time'],
        'Catalogue' => ['Changes', 'Database', 'Models', 'Pictures', 'Text', 'Time'],
        'Changes' => ['Database', 'Models', 'Time'],
        'Checkout' => ['Carts', 'Database', 'Models', 'Orders', 'Payments', 'Text'],
        'Clicks' => ['Carts', 'Database', 'Models', 'Partners', 'Results', 'Time'],
        'Database' => [],
        'Deleting' => ['Changes', 'Database', 'Looks', 'Models', 'Time'],
        'Downloads' => ['Database', 'Messages', 'Models', 'Text', 'Time'],
        'Embed' => ['Database', 'Looks', 'Models', 'Partners', 'Shopfront'],
        'Erasing' => ['Models', 'Time'],
        'Files' => [],
        'Finding' => ['Changes', 'Database', 'Looks', 'Models'],
        'Fulfilment' => ['Changes', 'Database', 'GiftCards', 'Messages', 'Models', 'Time'],
        'GiftCards' => ['Database', 'Messages', 'Models', 'Time'],
        'Looks' => ['Changes', 'Database', 'Files', 'Models', 'Time'],
        'Messages' => ['Files', 'Models', 'Time'],
        'Models' => ['Time'],
        'Offers' => ['Changes', 'Database', 'Looks', 'Models', 'Shopfront', 'Time'],
        'OpenLinks' => ['Carts', 'Clicks', 'Models', 'Results', 'Shopfront', 'Time'],
        'Operator' => ['Models', 'Time'],
        'Orders' => ['Finding', 'Fulfilment', 'Models', 'Results', 'Text', 'Time'],
        'Partners' => ['Changes', 'Database', 'Models', 'Time'],
        'PartnerReports' => ['Database', 'Models', 'Results', 'Time'],
        'Payments' => ['Database', 'Fulfilment', 'Messages', 'Models', 'Orders', 'Time'],
        'People' => ['Database', 'Messages', 'Models', 'Text', 'Time'],
        'Pictures' => ['Files', 'Models', 'Time'],
        'PriceWatch' => ['Catalogue', 'Changes', 'Database', 'Models', 'Partners', 'Time'],
        'Queue' => ['Operator', 'Time'],
        'Refunds' => ['Database', 'Fulfilment', 'Messages', 'Models', 'Payments', 'Time'],
        'Results' => ['Database', 'Models', 'Time'],
        'Samples' => ['Models', 'Pictures', 'Time', 'Uploads'],
        'Shopfront' => ['Carts', 'Models', 'Time'],
        'Shoppers' => ['Carts', 'Database', 'Messages', 'Models', 'Text', 'Time'],
        'Shops' => ['Changes', 'Database', 'Models'],
        'Text' => [],
        'Time' => ['Files'],
        'Uploads' => ['Database', 'Models', 'Text', 'Time'],
    ];

    /** @return iterable<Rule> */
    #[TestRule]
    public function a_room_knows_only_the_rooms_that_it_stands_on(): iterable
    {
        foreach (self::ON as $room => $on) {
            yield $this->knows($room, array_diff([...array_keys(self::ON), ...self::EDGE], [$room, ...$on]));
        }
    }

    /** @param  array<string>  $strangers */
    private function knows(string $room, array $strangers): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace("App\\{$room}"))
            ->shouldNot()->dependOn()
            ->classes(...array_map(static fn (string $other) => Selector::inNamespace("App\\{$other}"), array_values($strangers)))
            ->because('a room knows only the rooms it stands on');
    }
}
