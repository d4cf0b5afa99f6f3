<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Partners\ReadyMarketplaces;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\ReadAddress;
use PHPUnit\Framework\Attributes\TestWith;
use Standins\market\Market;
use Standins\market\Site;
use Tests\TestCase;

/** The made-up marketplaces answer at the addresses that their data files build, and say whose visitor it is. */
final class MarketStandinTest extends TestCase
{
    private const DAY = 86_400;

    #[TestWith(['Wicker Lane Ireland', 'w204', 'Storm lantern'])]
    #[TestWith(['Wicker Lane Britain', 'w310', 'Lambswool blanket'])]
    #[TestWith(['Nordkai Sweden', '90210', 'Stormlykta'])]
    #[TestWith(['Nordkai Germany', '90333', 'Ullfilt'])]
    #[TestWith(['Plaza Almendro', 'jardin/7301', 'Regadera'])]
    public function test_an_item_is_found_where_its_data_file_says(string $name, string $reference, string $title): void
    {
        $address = $this->address($name, $reference);
        $page = $this->ask($address);

        self::assertSame(200, $page['status']);
        self::assertStringContainsString("<h1>{$title}", $page['body']);
        self::assertStringContainsString('Sent here by partner <strong>moss-7</strong>', $page['body']);
        self::assertMatchesRegularExpression('~application/ld\+json">\{"@context":"https://schema.org","@type":"Product".*"priceCurrency":"[A-Z]{3}"~', $page['body']);
    }

    #[TestWith(['Wicker Lane Ireland', 'w311', 'w205'])]
    #[TestWith(['Nordkai Sweden', '90334', '90211'])]
    #[TestWith(['Plaza Almendro', 'hogar/4712', 'hogar/4713'])]
    public function test_one_item_is_gone_and_one_has_moved(string $name, string $gone, string $moved): void
    {
        self::assertSame(410, $this->ask($this->address($name, $gone))['status']);
        $answer = $this->ask($this->address($name, $moved));
        self::assertSame(303, $answer['status']);
        self::assertSame(200, $this->ask('http://'.parse_url($this->address($name, $moved), PHP_URL_HOST).$answer['location'])['status']);
    }

    public function test_a_search_lists_what_it_finds_and_a_price_moves_with_the_clock(): void
    {
        self::assertStringContainsString('Storm lantern, brass', $this->ask('http://wicker-lane-ie.localhost/search?q=lantern')['body']);
        self::assertStringNotContainsString('blanket', $this->ask('http://wicker-lane-ie.localhost/search?q=lantern')['body']);
        self::assertStringContainsString('Nothing was found', $this->ask('http://nordkai-se.localhost/find/%3Cb%3E')['body']);
        $prices = array_map(fn (int $week): string => (string) preg_replace('/.*class="price">([^<]+)<.*/s', '$1', $this->ask($this->address('Nordkai Sweden', '90210'), 7 * self::DAY * $week)['body']), range(0, 5));
        self::assertGreaterThan(1, count(array_unique($prices)));
        self::assertSame([200, 410, 200], [$this->ask($this->address('Nordkai Germany', '90333'), 9 * self::DAY)['status'], $this->ask($this->address('Nordkai Germany', '90333'), 10 * self::DAY)['status'], $this->ask($this->address('Nordkai Sweden', '90333'), 10 * self::DAY)['status']]);
        self::assertNull(Market::at('evil.localhost'));
    }

    private function address(string $name, string $reference): string
    {
        foreach ((new ReadyMarketplaces(resource_path('marketplaces'), 80))->all() as $partner) {
            foreach ($partner->entries('moss-7') as $entry) {
                if ($entry->marketplace?->name === $name) {
                    $read = ReadAddress::reference($reference, $entry->marketplace);

                    return OutgoingAddress::of($entry->marketplace, $read->target ?? self::fail('It names nothing.'), null);
                }
            }
        }

        self::fail('There is no such marketplace.');
    }

    /** @return array{status: int, body: string, location: string} */
    private function ask(string $address, float $ahead = 0.0): array
    {
        $parts = parse_url($address);
        parse_str($parts['query'] ?? '', $parsed);
        $query = [];
        foreach ($parsed as $name => $value) {
            $query[(string) $name] = is_string($value) ? $value : '';
        }
        $market = Market::at($parts['host'] ?? '') ?? self::fail("Nobody answers at {$address}.");

        return PayStandinTest::parts((new Site($market, $ahead))->answer(PayStandinTest::request('GET', $parts['path'] ?? '/', query: $query)));
    }
}
