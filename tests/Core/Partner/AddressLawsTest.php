<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use Eris\Generator;
use Eris\Generators;
use Eris\TestTrait;
use League\Uri\Components\Query;
use League\Uri\Uri;
use PaperKite\Partner\Item;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\ReadAddress;
use PaperKite\Partner\Token;
use PHPUnit\Framework\TestCase;

/** What holds of every address, however it was pasted. */
final class AddressLawsTest extends TestCase
{
    use TestTrait;

    /** Pieces of which addresses are made, right and wrong ones. */
    private const PIECES = ['https://', 'http://', 'lane.example', 'quay.example', 'www.plaza.example', 'm.quay.example', 'evil.example', '/', '//', '@', ':', ':443', '\\', '.', '..', '%2e', '%2F', '%', '%25', '?', '&', '=', '#', 'w204', '-', 'brass', 'goods', 'nr=7', 'hogar', '4711.html', 'lane=evil', 'kaj=moss-7', 'socio=', 'knot=x', 'colour=red', 'search', 'q=a+b', 'find', 'лампа', "\u{202E}", "\n", "\0", ' ', '{', '}', '[', ']', ';', 'javascript:', 'i'];

    private const HOSTS = ['lane.example', 'quay.example', 'plaza.example', 'WWW.lane.example', 'm.quay.example.', 'plaza.example:443', 'evil.example', 'lane.example@quay.example', 'lane.example.evil.example'];

    private const BEGINNINGS = ['', '/', '//', '/w204-', '/i/w204', '/goods?nr=', '/goods?kaj=evil&nr=9', '/hogar/4711.html', '/hogar/', '/find/', '/search?q=', '/search?q=a+b', '/w204-x?colour=', '/a/../w204-x', '/%2e%2e/'];

    public function test_what_comes_out_is_at_the_marketplace_with_the_partner_id_once_and_stays_as_it_is(): void
    {
        $this->limitTo(2_000)->forAll(self::address())->then(function (string $pasted): void {
            $read = ReadAddress::of($pasted, Markets::all());
            if ($read->marketplace === null || $read->target === null) {
                self::assertNotNull($read->refused());

                return;
            }
            $outgoing = OutgoingAddress::of($read->marketplace, $read->target, Token::of('abc1234'));
            $uri = Uri::new($outgoing);

            self::assertSame(['https', $read->marketplace->hosts[0]->text, null, null, null], [$uri->getScheme(), $uri->getHost(), $uri->getPort(), $uri->getUserInfo(), $uri->getFragment()], $pasted);
            self::assertSame([$read->marketplace->partnerId?->text], Query::fromUri($uri)->getAll($read->marketplace->idParameter), $pasted);
            self::assertMatchesRegularExpression('~\Ahttps://[!-\~]+\z~', $outgoing);
            $again = ReadAddress::of($outgoing, Markets::all());
            self::assertSame($outgoing, $again->target === null || $again->marketplace === null ? null : OutgoingAddress::of($again->marketplace, $again->target, Token::of('abc1234')), $pasted);
            self::assertNull($again->replaced);
        });
    }

    public function test_reading_what_was_built_gives_back_the_item(): void
    {
        $this->limitTo(500)->forAll(Generators::elements(0, 1, 2), self::word('abzAZ019._~'), self::word('abz019-'))->then(function (int $which, string $number, string $category): void {
            $marketplace = Markets::all()[$which];
            $typed = count($marketplace->reference()) === 1 ? $number : "{$category}/{$number}";
            $item = ReadAddress::reference($typed, $marketplace)->target;

            self::assertInstanceOf(Item::class, $item);
            self::assertSame($typed, $item->text());
            self::assertEquals($item, ReadAddress::of(OutgoingAddress::of($marketplace, $item, null), Markets::all())->target);
        });
    }

    /** @return Generator<string> that begins with a letter */
    private static function word(string $letters): Generator
    {
        return Generators::map(static fn (array $rest): string => 'k'.implode('', array_filter($rest, is_string(...))), Generators::vector(12, Generators::elements('', ...str_split($letters))));
    }

    /** @return Generator<string> */
    private static function address(): Generator
    {
        return Generators::map(
            static fn (array $pieces): string => implode('', array_filter($pieces, is_string(...))),
            Generators::tuple(Generators::elements('https://', 'http://', '', 'HTTPS://', ' https://', 'https:/'), Generators::elements(...self::HOSTS), Generators::elements(...self::BEGINNINGS), ...array_fill(0, 4, Generators::elements(...[...array_fill(0, 20, ''), ...self::PIECES]))),
        );
    }
}
