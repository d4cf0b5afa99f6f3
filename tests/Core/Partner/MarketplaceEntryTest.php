<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use PaperKite\Partner\AddressPattern;
use PaperKite\Partner\Counting;
use PaperKite\Partner\InvalidMarketplace;
use PaperKite\Partner\MarketplaceEntry;
use PaperKite\Partner\Route;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a marketplace's data may be, and who is sent to which. */
final class MarketplaceEntryTest extends TestCase
{
    public function test_a_form_that_is_right_is_a_marketplace(): void
    {
        $entry = MarketplaceEntry::read(FormInput::of(Markets::form(['hosts' => ['WWW.Lane.Example', 'lane.example'], 'port' => ' 8443 ', 'patterns' => ['/{item}-{slug}', ' '], 'partner_id' => ' '])));

        self::assertSame([], $entry->errors);
        self::assertSame(['www.lane.example', 8443, 1, null, Counting::AnyGoods], [$entry->marketplace?->hosts[0]->text, $entry->marketplace?->port, count($entry->marketplace->patterns ?? []), $entry->marketplace?->partnerId, $entry->marketplace?->counts]);
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_at_its_field(array $changes, string $field, string $said): void
    {
        $entry = MarketplaceEntry::read(FormInput::of(Markets::form($changes)));

        self::assertNull($entry->marketplace);
        self::assertSame([$field], array_keys($entry->errors));
        self::assertStringContainsString($said, $entry->errors[$field] ?? '');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name', 'The name is missing.'];
        yield 'a name with a line break' => [['name' => "a\nb"], 'name', 'line break'];
        yield 'a name too long' => [['name' => str_repeat('x', 61)], 'name', '61 characters'];
        yield 'no partner' => [['partner' => ''], 'partner', 'missing'];
        yield 'no host' => [['hosts' => []], 'hosts', 'www.fern.example'];
        yield 'an address for a host' => [['hosts' => ['https://lane.example/']], 'hosts', 'https'];
        yield 'a host in another script' => [['hosts' => ['lаne.example']], 'hosts', 'lаne.example'];
        yield 'an item address without an item' => [['item_address' => '/goods'], 'item_address', '/{item}-{name}'];
        yield 'one that is no path' => [['item_address' => 'https://evil.example/{item}'], 'item_address', 'no address pattern'];
        yield 'one of another host' => [['item_address' => '//evil.example/{item}'], 'item_address', 'no address pattern'];
        yield 'a pattern without the item' => [['patterns' => ['/{slug}']], 'patterns', '{item}'];
        yield 'a pattern that is none' => [['patterns' => ['/{+item}']], 'patterns', 'no address pattern'];
        yield 'a search without words' => [['search_address' => '/search'], 'search_address', 'no address pattern'];
        yield 'a search with two variables' => [['search_address' => '/search{?q,page}'], 'search_address', 'exactly one'];
        yield 'a parameter with a space' => [['id_parameter' => 'my id'], 'id_parameter', 'my id'];
        yield 'no parameter' => [['id_parameter' => ''], 'id_parameter', '40 at most'];
        yield 'one parameter for both' => [['sub_id_parameter' => 'lane'], 'sub_id_parameter', 'named twice'];
        yield 'the item’s parameter for the ID' => [['item_address' => '/goods{?lane}'], 'id_parameter', 'named twice'];
        yield 'a parameter that is kept for the ID' => [['keeps' => ['lane']], 'keeps', 'named twice'];
        yield 'a kept one that is no name' => [['keeps' => ['a&b']], 'keeps', 'a&b'];
        yield 'a port beyond all' => [['port' => '65536'], 'port', '65535'];
        yield 'a port that is no number' => [['port' => '80a'], 'port', '80a'];
        yield 'no hours' => [['counts_for_hours' => ''], 'counts_for_hours', '8760'];
        yield 'more hours than a year has' => [['counts_for_hours' => '8761'], 'counts_for_hours', '8761'];
        yield 'no country' => [['country' => 'XX'], 'country', 'country'];
        yield 'no currency' => [['currency' => 'XXXX'], 'currency', 'XXXX'];
        yield 'an ID with an ampersand' => [['partner_id' => 'a&b=c'], 'partner_id', 'a&b=c'];
        yield 'an ID too long' => [['partner_id' => str_repeat('x', 65)], 'partner_id', '64 at most'];
        yield 'an ID in another script' => [['partner_id' => 'мох'], 'partner_id', 'мох'];
    }

    #[DataProvider('patterns')]
    public function test_a_pattern_is_a_path_with_variables(string $text, bool $isOne): void
    {
        try {
            self::assertSame($text, AddressPattern::of($text)->text);
            self::assertTrue($isOne);
        } catch (InvalidMarketplace) {
            self::assertFalse($isOne, $text);
        }
    }

    /** @return iterable<string, array{string, bool}> */
    public static function patterns(): iterable
    {
        $good = ['/{item}', '/{item}-{slug}', '/goods{?nr}', '/{category}/{item}.html', '/a{?nr,size}', '/{a}/{b}/{c}/{d}', '/{item};v=1', '/@{item}'];
        $bad = ['', '/', 'goods/{nr}', '//{host}/x', '/../{item}', '/{item}/..', '/./{item}', '/{a}{b}', '/{a}/{a}', '/{a}{?a}', '/{item', '/item}', '/{#item}', '/{+item}', '/{item*}', '/{item:3}', '/{?}', '/x{?a}{?b}', '/x{?a}/y', '/x{&a}', '/{Item}', '/{item}?x=1', '/{item}#x', "/{item}\n", '/{item} x', '/лампа/{item}', '/{a}/{b}/{c}/{d}/{e}', '/{item}/'.str_repeat('x', 200)];
        foreach ([...array_fill_keys($good, true), ...array_fill_keys($bad, false)] as $text => $isOne) {
            yield "“{$text}”" => [(string) $text, $isOne];
        }
    }

    public function test_a_port_that_is_the_schemes_own_is_none(): void
    {
        foreach (['', '443'] as $port) {
            $market = MarketplaceEntry::read(FormInput::of(Markets::form(['port' => $port])))->marketplace;
            self::assertSame([true, true, false], [$market?->hasPort(null), $market?->hasPort(443), $market?->hasPort(80)]);
        }
        $market = MarketplaceEntry::read(FormInput::of(Markets::form(['port' => '8443'])))->marketplace;
        self::assertSame([false, false, true], [$market?->hasPort(null), $market?->hasPort(443), $market?->hasPort(8443)]);
    }

    public function test_a_shopper_is_sent_to_their_country_or_to_the_one_that_is_named(): void
    {
        $route = new Route([4 => 'SE', 9 => 'DE'], 4);

        self::assertSame([9, 4, 4, 4], [$route->for('DE'), $route->for('SE'), $route->for('IE'), $route->for(null)]);
        self::assertSame([9, null], [(new Route([4 => 'SE', 9 => 'DE'], null))->for('DE'), (new Route([4 => 'SE'], null))->for('IE')]);
        self::assertNull((new Route([4 => 'SE'], 9))->for(null));
        self::assertNull((new Route([], null))->for('IE'));
    }
}
