<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use PaperKite\Partner\Marketplace;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\ReadAddress;
use PaperKite\Partner\Token;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A thousand addresses of each marketplace, right and wrong, against a second reckoning: while an address is put together
 * here, what must come of it is written down beside it, by hand and without the rules of the room.
 */
final class GeneratedAddressesTest extends TestCase
{
    private const COUNT = 1000;

    private const LETTERS = 'abcdefghijkmnopqrstuvwxyzABCDEFGHJKLMNPQRSTUVWXYZ0123456789';

    #[DataProvider('markets')]
    public function test_a_thousand_addresses_lead_where_they_should(Marketplace $marketplace, int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < self::COUNT; $i++) {
            [$pasted, $expected] = $this->address($marketplace->hosts[0]->text, $chance);
            $read = ReadAddress::of($pasted, Markets::all());
            $actual = $read->marketplace === null || $read->target === null ? null : OutgoingAddress::of($read->marketplace, $read->target, Token::of('abc1234'));

            self::assertSame($expected, $actual, $pasted);
        }
    }

    /** @return iterable<string, array{Marketplace, int}> */
    public static function markets(): iterable
    {
        yield 'an item with its title in the path' => [Markets::lane(), 7];
        yield 'an item in a parameter' => [Markets::quay(), 11];
        yield 'an item in a path of two parts' => [Markets::plaza(), 13];
    }

    private static function letters(Randomizer $chance, int $count): string
    {
        return implode('', array_map(static fn (): string => self::LETTERS[$chance->getInt(0, strlen(self::LETTERS) - 1)], range(1, $count)));
    }

    /** @return array{string, string|null} what is pasted, and the address that must come out; `null` where nothing may */
    private function address(string $host, Randomizer $chance): array
    {
        $item = self::letters($chance, $chance->getInt(1, 12));
        $category = 'c'.strtolower(self::letters($chance, $chance->getInt(1, 8)));
        $title = strtolower(self::letters($chance, 4).'-'.self::letters($chance, 4));
        $litter = $chance->getInt(0, 2) === 0 ? [] : ['seen' => (string) $chance->getInt(1, 99), 'from' => $title];
        $theirs = $chance->getInt(0, 2) === 0 ? ['lane' => 'thief', 'kaj' => 'thief', 'socio' => 'thief'] : [];
        [$path, $query, $out] = match ($host) {
            'lane.example' => ["/{$item}-{$title}", $litter + array_intersect_key($theirs, ['lane' => 1]), "https://lane.example/i/{$item}?lane=moss-7&knot=abc1234"],
            'quay.example' => ['/goods', $litter + ['nr' => $item] + array_intersect_key($theirs, ['kaj' => 1]), "https://quay.example/goods?nr={$item}&kaj=moss-7"],
            default => ["/{$category}/{$item}.html", $litter + array_intersect_key($theirs, ['socio' => 1]), "https://plaza.example/{$category}/{$item}.html?socio=moss-7&lugar=abc1234"],
        };
        $tail = $query === [] ? '' : '?'.http_build_query($query);
        $written = ($chance->getInt(0, 1) === 0 ? '' : 'www.').($chance->getInt(0, 1) === 0 ? $host : strtoupper($host)).($chance->getInt(0, 3) === 0 ? '.' : '');
        $fragment = $chance->getInt(0, 1) === 0 ? '' : "#{$title}";

        return match ($chance->getInt(0, 9)) {
            0 => ["https://{$host}.evil.example{$path}{$tail}", null],
            1 => ["https://{$host}@evil.example{$path}{$tail}", null],
            2 => ["https://{$item}@{$host}{$path}{$tail}", null],
            3 => ["https://{$host}:8080{$path}{$tail}", null],
            4 => ["https://evil.example/{$title}?to=https://{$host}{$path}", null],
            5 => ["https://{$host}/x/%2e%2e{$path}{$tail}", null],
            default => ["https://{$written}{$path}{$tail}{$fragment}", $out],
        };
    }
}
