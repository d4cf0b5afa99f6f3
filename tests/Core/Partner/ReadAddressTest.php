<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use PaperKite\Partner\AddressFault;
use PaperKite\Partner\AddressFinding;
use PaperKite\Partner\AddressPart;
use PaperKite\Partner\Marketplace;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\ReadAddress;
use PaperKite\Partner\Token;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a pasted address names, what comes out of it, and what is said of it. */
final class ReadAddressTest extends TestCase
{
    /** @param  list<AddressFault>  $faults */
    #[DataProvider('addresses')]
    public function test_an_address_is_read_as(string $pasted, string $words, string $outgoing, array $faults = []): void
    {
        $read = ReadAddress::of($pasted, Markets::all());

        self::assertSame([$words, $outgoing, $faults], [$read->target?->words(), self::outgoing($read), self::faults($read)]);
        self::assertNull($read->refused());
    }

    /** @return iterable<string, array{0: string, 1: string, 2: string, 3?: list<AddressFault>}> */
    public static function addresses(): iterable
    {
        $lamp = 'https://lane.example/i/w204?lane=moss-7&knot=abc1234';
        yield 'an item with its title' => ['https://lane.example/w204-brass-lamp', 'item w204', $lamp];
        yield 'its own address' => ['https://lane.example/i/w204', 'item w204', $lamp];
        yield 'with what is left out' => ['https://lane.example/w204-brass-lamp?seen=1&seen=2#reviews', 'item w204', $lamp];
        yield 'with a title in another script' => ['https://lane.example/w204-лампа-ß', 'item w204', $lamp];
        yield 'with an encoded title' => ['https://lane.example/w204-l%C3%A1mpara', 'item w204', $lamp];
        yield 'in capitals, with www, a point and the port of its scheme' => ['HTTPS://WWW.Lane.Example.:443/w204-x', 'item w204', $lamp];
        yield 'without a scheme' => ['lane.example/w204-x', 'item w204', $lamp];
        yield 'over http' => ['http://lane.example/w204-x', 'item w204', $lamp];
        yield 'with spaces and line breaks around it' => [" \thttps://lane.example/w204-x\r\n", 'item w204', $lamp];
        yield 'by a way round' => ['https://lane.example/a/./b/../../w204-x', 'item w204', $lamp];
        yield 'with a parameter that stays' => ['https://lane.example/w204-x?size=2&colour=red', 'item w204', 'https://lane.example/i/w204?colour=red&lane=moss-7&knot=abc1234'];
        yield 'with one that stays twice' => ['https://lane.example/w204-x?colour=red&colour=blue', 'item w204', 'https://lane.example/i/w204?colour=red&lane=moss-7&knot=abc1234'];
        yield 'with an address in what stays' => ['https://lane.example/w204-x?colour=https://evil.example/%3Fa%3Db%26c', 'item w204', 'https://lane.example/i/w204?colour=https%3A%2F%2Fevil.example%2F%3Fa%3Db%26c&lane=moss-7&knot=abc1234'];
        yield 'with the seller’s own ID' => ['https://lane.example/w204-x?lane=moss-7', 'item w204', $lamp];
        yield 'with another’s ID' => ['https://lane.example/w204-x?lane=evil&knot=x', 'item w204', $lamp, [AddressFault::OtherPartner]];
        yield 'with the ID twice, one of them another’s' => ['https://lane.example/w204-x?lane=moss-7&lane=evil', 'item w204', $lamp, [AddressFault::OtherPartner]];
        yield 'with a blank ID' => ['https://lane.example/w204-x?lane=&lane', 'item w204', $lamp];
        yield 'in a parameter' => ['https://quay.example/goods?nr=90210&x=1', 'item 90210', 'https://quay.example/goods?nr=90210&kaj=moss-7'];
        yield 'the first of two' => ['https://quay.example/goods?nr=1&nr=2', 'item 1', 'https://quay.example/goods?nr=1&kaj=moss-7'];
        yield 'at another host of the same marketplace' => ['https://m.quay.example/goods?nr=1', 'item 1', 'https://quay.example/goods?nr=1&kaj=moss-7'];
        yield 'in two parts' => ['https://plaza.example/hogar/4711.html?color=rojo', 'item hogar/4711', 'https://plaza.example/hogar/4711.html?color=rojo&socio=moss-7&lugar=abc1234'];
        yield 'a search' => ['https://lane.example/search?q=brass+lamp&page=2', 'search for “brass lamp”', 'https://lane.example/search?q=brass%20lamp&lane=moss-7&knot=abc1234'];
        yield 'a search in the path' => ['https://quay.example/find/m%C3%A4ssing', 'search for “mässing”', 'https://quay.example/find/m%C3%A4ssing?kaj=moss-7'];
        yield 'a page that is no item' => ['https://plaza.example/ofertas?color=rojo&x=1', 'page /ofertas', 'https://plaza.example/ofertas?color=rojo&socio=moss-7&lugar=abc1234', [AddressFault::NotAnItem]];
        yield 'one part too many' => ['https://plaza.example/a/hogar/4711.html', 'page /a/hogar/4711.html', 'https://plaza.example/a/hogar/4711.html?socio=moss-7&lugar=abc1234', [AddressFault::NotAnItem]];
        yield 'the front page' => ['https://quay.example', 'page /', 'https://quay.example/?kaj=moss-7', [AddressFault::NotAnItem]];
        yield 'an encoded slash in the item' => ['https://lane.example/w2%2F04-x', 'page /w2%2F04-x', 'https://lane.example/w2%2F04-x?lane=moss-7&knot=abc1234', [AddressFault::NotAnItem]];
        yield 'encoded twice' => ['https://quay.example/goods?nr=%2525', 'page /goods', 'https://quay.example/goods?kaj=moss-7', [AddressFault::NotAnItem]];
        yield 'a second authority in the path' => ['https://lane.example//evil.example/x', 'page //evil.example/x', 'https://lane.example//evil.example/x?lane=moss-7&knot=abc1234', [AddressFault::NotAnItem]];
    }

    #[DataProvider('refused')]
    public function test_an_address_is_refused(string $pasted, AddressFault $fault): void
    {
        $read = ReadAddress::of($pasted, Markets::all());

        self::assertSame([null, $fault], [$read->target, $read->refused()?->fault]);
        self::assertMatchesRegularExpression('/\A\P{C}{20,300}\.\z/u', $read->refused()->sentence ?? '');
    }

    /** @return iterable<string, array{string, AddressFault}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', AddressFault::Unreadable];
        yield 'words' => ['brass lamp', AddressFault::Unreadable];
        yield 'a script' => ['javascript:alert(1)//lane.example/w204-x', AddressFault::Unreadable];
        yield 'a script with an authority' => ['javascript://lane.example/%0Aalert(1)', AddressFault::Unreadable];
        yield 'data' => ['data://lane.example/text/html,x', AddressFault::Unreadable];
        yield 'a file' => ['file:///etc/passwd', AddressFault::Unreadable];
        yield 'another protocol' => ['ftp://lane.example/w204-x', AddressFault::Unreadable];
        yield 'no host' => ['https:///w204-x', AddressFault::Unreadable];
        yield 'a line break within' => ["https://lane.example/w204\n-x", AddressFault::Unreadable];
        yield 'a tab within the host' => ["https://lane\t.example/w204-x", AddressFault::Unreadable];
        yield 'a nul byte' => ["https://lane.example/w204-x\0", AddressFault::Unreadable];
        yield 'not UTF-8' => ["https://lane.example/\xff-x", AddressFault::Unreadable];
        yield 'a text that runs the other way' => ["https://lane.example/\u{202E}w204-x", AddressFault::Unreadable];
        yield 'a backslash for a slash' => ['https://lane.example\\@evil.example/w204-x', AddressFault::Unreadable];
        yield 'backslashes for the slashes' => ['https:\\\\lane.example\\w204-x', AddressFault::Unreadable];
        yield 'ten kilobytes' => ['https://lane.example/w204-'.str_repeat('x', 10_000), AddressFault::TooLong];
        yield 'a user' => ['https://lane.example@evil.example/w204-x', AddressFault::NamesUser];
        yield 'a user at the right host' => ['https://evil:x@lane.example/w204-x', AddressFault::NamesUser];
        yield 'a blank user' => ['https://@lane.example/w204-x', AddressFault::NamesUser];
        yield 'another host' => ['https://evil.example/w204-x', AddressFault::UnknownHost];
        yield 'the right host, written on' => ['https://lane.example.evil.example/w204-x', AddressFault::UnknownHost];
        yield 'the right host after a hyphen' => ['https://www-lane.example/w204-x', AddressFault::UnknownHost];
        yield 'below the right host' => ['https://shop.lane.example/w204-x', AddressFault::UnknownHost];
        yield 'a host that looks alike' => ['https://lаne.example/w204-x', AddressFault::UnknownHost];
        yield 'the same in ASCII' => ['https://xn--lne-8cd.example/w204-x', AddressFault::UnknownHost];
        yield 'an encoded letter in the host' => ['https://l%61ne.example.evil.example/w204-x', AddressFault::UnknownHost];
        yield 'a number for a host' => ['https://2130706433/w204-x', AddressFault::UnknownHost];
        yield 'loopback' => ['https://[::1]/w204-x', AddressFault::UnknownHost];
        yield 'nested in a parameter' => ['https://evil.example/go?to=https://lane.example/w204-x', AddressFault::UnknownHost];
        yield 'after the fragment' => ['https://evil.example/go#@lane.example/w204-x', AddressFault::UnknownHost];
        yield 'shortened' => ['https://sh.example/aB3x9', AddressFault::Shortened];
        yield 'shortened, without a scheme' => ['sh.example/aB3x9', AddressFault::Shortened];
        yield 'another port' => ['https://lane.example:8443/w204-x', AddressFault::OtherPort];
        yield 'no port at all' => ['https://lane.example:0/w204-x', AddressFault::OtherPort];
        yield 'a port beyond all' => ['https://lane.example:99999/w204-x', AddressFault::OtherPort];
        yield 'encoded points' => ['https://lane.example/a/%2e%2e/w204-x', AddressFault::Climbs];
        yield 'half encoded points' => ['https://lane.example/.%2E/w204-x', AddressFault::Climbs];
    }

    #[DataProvider('references')]
    public function test_an_item_is_named_by_its_reference(Marketplace $marketplace, string $typed, ?string $outgoing): void
    {
        $read = ReadAddress::reference($typed, $marketplace);

        self::assertSame([$outgoing ?? '', $outgoing === null ? AddressFault::CantBeRead : null], [self::outgoing($read), $read->refused()?->fault]);
    }

    /** @return iterable<string, array{Marketplace, string, string|null}> */
    public static function references(): iterable
    {
        yield 'one part' => [Markets::quay(), ' 90210 ', 'https://quay.example/goods?nr=90210&kaj=moss-7'];
        yield 'two parts' => [Markets::plaza(), 'hogar/4711', 'https://plaza.example/hogar/4711.html?socio=moss-7&lugar=abc1234'];
        yield 'with a hyphen, where the pattern would cut it' => [Markets::lane(['item_address' => '/{item}']), 'w-204', null];
        yield 'another script' => [Markets::quay(), 'ä1', 'https://quay.example/goods?nr=%C3%A41&kaj=moss-7'];
        yield 'a part too few' => [Markets::plaza(), '4711', null];
        yield 'a part too many' => [Markets::quay(), '1/2', null];
        yield 'nothing' => [Markets::quay(), ' ', null];
        yield 'a way out' => [Markets::plaza(), '../4711', null];
        yield 'an address' => [Markets::quay(), 'https://evil.example', null];
        yield 'a parameter more' => [Markets::quay(), '1&kaj=evil', null];
        yield 'a space' => [Markets::quay(), '9 1', null];
        yield 'a line break' => [Markets::quay(), "91\n", null];
    }

    public function test_words_lead_to_a_search(): void
    {
        self::assertSame('https://lane.example/search?q=br%C3%A4ss%20%26%20lamp%23&lane=moss-7&knot=abc1234', self::outgoing(ReadAddress::search(' bräss & lamp# ', Markets::lane())));
        self::assertSame('https://quay.example/find/a%2F..%2Fb?kaj=moss-7', self::outgoing(ReadAddress::search('a/../b', Markets::quay())));
        self::assertSame(AddressFault::CantBeRead, ReadAddress::search('x', Markets::plaza())->refused()?->fault);
    }

    public function test_without_a_partner_id_no_link_may_lead_there(): void
    {
        $read = ReadAddress::of('https://lane.example/w204-x?lane=evil', [Markets::lane(['partner_id' => ''])]);

        self::assertSame([AddressFault::OtherPartner, AddressFault::NoPartnerId], self::faults($read));
        self::assertSame(['evil', 'https://lane.example/i/w204?knot=abc1234'], [$read->replaced, self::outgoing($read)]);
        self::assertTrue($read->findings[1]->fault->blocks());
        self::assertNull($read->refused());
    }

    public function test_an_address_is_taken_apart(): void
    {
        $parts = ReadAddress::of('https://lane.example/w204-brass-lamp?lane=evil&colour=red&seen=1#reviews', Markets::all())->parts;

        self::assertSame([
            'Host: lane.example, Lane Ireland, of Lane',
            'Path: /w204-brass-lamp, leads to item w204',
            'lane: evil, another’s partner ID; taken out',
            'colour: red, kept',
            'seen: 1, not needed; left out',
            'After #: reviews, a place on the page; left out',
        ], array_map(static fn (AddressPart $part): string => "{$part->part}: {$part->value}, {$part->meaning}", $parts));
    }

    private static function outgoing(ReadAddress $read): string
    {
        return $read->marketplace === null || $read->target === null ? '' : OutgoingAddress::of($read->marketplace, $read->target, Token::of('abc1234'));
    }

    /** @return list<AddressFault> */
    private static function faults(ReadAddress $read): array
    {
        return array_map(static fn (AddressFinding $finding): AddressFault => $finding->fault, $read->findings);
    }
}
