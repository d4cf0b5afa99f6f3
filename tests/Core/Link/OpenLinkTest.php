<?php

declare(strict_types=1);

namespace Tests\Core\Link;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Link\AnatomyPart;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenDestination;
use PaperKite\Link\OpenItem;
use PaperKite\Link\OpenLink;
use PaperKite\Link\OpenLinkText;
use PaperKite\Link\OpenParameter;
use PaperKite\Link\RestOfLink;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Links that are written by hand or in a sheet: what they say, and what is wrong with them. */
final class OpenLinkTest extends TestCase
{
    use TestTrait;

    private const BASE = 'http://mosslight.localhost:8480';

    /** @param  list<array{string, int, string|null, string|null}>  $items */
    #[DataProvider('links')]
    public function test_a_link_says_which_goods_and_where_to(string $path, string $query, array $items, ?OpenDestination $to): void
    {
        $link = OpenLink::read($path, $query);

        self::assertSame($items, array_map(static fn (OpenItem $item): array => [$item->sku, $item->quantity, $item->plan, $item->amount], $link->items));
        self::assertSame($to, $link->to);
    }

    /** @return iterable<string, array{string, string, list<array{string, int, string|null, string|null}>, OpenDestination|null}> */
    public static function links(): iterable
    {
        yield 'two kinds' => ['2*honey-340,candle', 'to=pay', [['honey-340', 2, null, null], ['candle', 1, null, null]], OpenDestination::Pay];
        yield 'a plan' => ['adopt@yearly', '', [['adopt', 1, 'yearly', null]], null];
        yield 'an amount' => ['hedgerow=7.50', 'to=stay', [['hedgerow', 1, null, '7.50']], OpenDestination::Stay];
        yield 'all of it' => ['3*adopt@yearly=7', 'to=choose', [['adopt', 3, 'yearly', '7']], OpenDestination::Choose];
        yield 'as a mail program encodes it' => ['2%2Ahoney-340%2Ccandle%40x', '', [['honey-340', 2, null, null], ['candle', 1, 'x', null]], null];
        yield 'a SKU outside ASCII' => ['%D7%93%D7%91%D7%A9', '', [['דבש', 1, null, null]], null];
        yield 'the most of one' => ['999*honey', '', [['honey', 999, null, null]], null];
        yield 'a SKU of digits' => ['2*340', '', [['340', 2, null, null]], null];
        yield 'a plus is a plus' => ['a+b', '', [['a+b', 1, null, null]], null];
    }

    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_told_at_its_part(string $path, string $query, string $part, string $sentence): void
    {
        try {
            OpenLink::read($path, $query);
            self::fail('It was read.');
        } catch (InvalidOpenLink $invalid) {
            self::assertSame($part, $invalid->part);
            self::assertStringContainsString($sentence, $invalid->getMessage());
        }
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no goods' => ['', '', '/take/', 'names no goods'];
        yield 'two commas' => ['honey,,candle', '', '', 'Between two commas'];
        yield 'a comma at the end' => ['honey,', '', '', 'Between two commas'];
        yield 'none of it' => ['0*honey', '', '0*honey', 'from 1 to 999'];
        yield 'too many of it' => ['1000*honey', '', '1000*honey', 'from 1 to 999'];
        yield 'fewer than none' => ['-1*honey', '', '-1*honey', 'write a SKU'];
        yield 'a number alone before the star' => ['2*', '', '2*', 'write a SKU'];
        yield 'two stars' => ['2*3*honey', '', '2*3*honey', 'write a SKU'];
        yield 'an amount with a comma' => ['hedgerow=1%2C5=', '', '5=', 'write a SKU'];
        yield 'an amount below nothing' => ['hedgerow=-5', '', 'hedgerow=-5', 'write a SKU'];
        yield 'a plan before the goods' => ['@yearly', '', '@yearly', 'write a SKU'];
        yield 'white space' => ['honey%20jar', '', 'honey jar', 'write a SKU'];
        yield 'what is encoded twice' => ['honey%252Ccandle', '', 'honey%2Ccandle', 'write a SKU'];
        yield 'a path in it' => ['honey/..', '', 'honey/..', 'write a SKU'];
        yield 'no text' => ['%FF', '', '/take/…', 'UTF-8'];
        yield 'a SKU too long' => [str_repeat('x', 65), '', str_repeat('x', 65), 'write a SKU'];
        yield 'twenty-one kinds' => [implode(',', range(1, 21)), '', '21 goods', '20 goods at most'];
        yield 'elsewhere' => ['honey', 'to=moon', 'to=moon', 'pay, cart, choose or stay'];
        yield 'a label with a space' => ['honey', 'from=a+b', 'from=a b', '40 at most'];
        yield 'a label too long' => ['honey', 'from='.str_repeat('a', 41), 'from='.str_repeat('a', 41), '40 at most'];
        yield 'a coupon too long' => ['honey', 'coupon='.str_repeat('a', 41), 'coupon='.str_repeat('a', 41), '40 characters'];
        yield 'a parameter that is none' => ['honey', 'price=1', 'price', 'each once'];
        yield 'a parameter twice' => ['honey', 'to=pay&to=cart', 'to', 'each once'];
        yield 'a list for a parameter' => ['honey', 'to[]=pay', 'to[]', 'each once'];
    }

    public function test_reading_undoes_building(): void
    {
        $this->forAll(
            Generators::seq(Generators::tuple(Generators::elements('honey-340', 'דבש', '340', 'a+b', "it's", '🍯', 'a&b', 'x:y;z'), Generators::choose(1, 999), Generators::elements(null, 'yearly', 'à-la'), Generators::elements(null, '7.50', '0'))),
            Generators::elements(null, ...OpenDestination::cases()),
            Generators::elements(null, 'BLOSSOM', '15 % off & more', 'דבש'),
            Generators::elements(null, 'https://www.fern.example/a?b=c&d=e#f'),
            Generators::elements(null, 'spring_post-1.a'),
        )->then(function (array $drawn, ?OpenDestination $to, ?string $coupon, ?string $back, ?string $from): void {
            /** @var list<array{string, int, string|null, string|null}> $drawn */
            $items = array_map(static fn (array $item): OpenItem => new OpenItem(...$item), array_slice($drawn, 0, OpenLinkText::MOST_ITEMS));
            $link = new OpenLink($items === [] ? [new OpenItem('honey')] : $items, $to, $coupon, $back, $from);
            $url = $link->url(self::BASE);
            [$path, $query] = explode('?', substr($url, strlen(self::BASE.OpenLink::PATH)), 2) + [1 => ''];

            self::assertEquals($link, OpenLink::read($path, $query));
            self::assertSame($url, implode('', array_map(static fn (AnatomyPart $part): string => $part->value, $link->anatomy(self::BASE))));
        });
    }

    public function test_reading_undoes_writing_on_the_way(): void
    {
        $this->forAll(
            Generators::seq(Generators::tuple(Generators::elements('honey-340', 'דבש', 'a+b', 'a&b', 'x:y;z'), Generators::choose(1, 999))),
            Generators::elements(...OpenDestination::cases()),
            Generators::elements(null, '15 % off & more', 'דבש'),
            Generators::elements(null, 'https://www.fern.example/a?b=c&d=e#f'),
            Generators::elements(null, 'spring_post-1.a'),
            Generators::elements(null, 'abcdefghij_-'),
        )->then(function (array $drawn, OpenDestination $to, ?string $coupon, ?string $back, ?string $from, ?string $cart): void {
            /** @var list<array{string, int}> $drawn */
            $items = array_map(static fn (array $item): OpenItem => new OpenItem(...$item), array_slice($drawn, 0, OpenLinkText::MOST_ITEMS - 1));
            $rest = new RestOfLink($items, $to, $coupon, $back, $from, $cart);

            self::assertEquals($rest, RestOfLink::read($rest->text()));
        });
    }

    public function test_the_template_names_what_a_link_can_say(): void
    {
        self::assertSame('{+base}'.OpenLink::PATH.'{+items}{?'.implode(',', array_column(OpenParameter::OF_LINK, 'value')).'}', OpenLink::TEMPLATE);
    }

    public function test_every_part_says_what_it_means(): void
    {
        $link = OpenLink::read('2*honey,adopt@yearly', 'to=pay&from=spring');

        self::assertSame(
            ['The shop’s own address.', 'Goods follow, with commas between.', '2 of “honey”.', 'One of “adopt”, by plan “yearly”.', 'Straight to paying, with just this.', 'A label: clicks are counted by it.'],
            array_map(static fn (AnatomyPart $part): string => $part->meaning, $link->anatomy(self::BASE)),
        );
    }
}
