<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\InvalidSku;
use PaperKite\Catalogue\InvalidStock;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CatalogueTest extends TestCase
{
    #[DataProvider('skus')]
    public function test_a_sku_holds_what_a_link_can_carry(string $sku): void
    {
        self::assertSame($sku, Sku::of($sku)->text);
    }

    /** @return iterable<array{string}> */
    public static function skus(): iterable
    {
        yield from [['honey-340'], ['HONEY_340.b'], ['דבש'], ['🍯'], ['a'], [str_repeat('a', 64)]];
    }

    #[DataProvider('wrongSkus')]
    public function test_another_sku_is_refused_and_an_allowed_spelling_proposed(string $sku, string $sentence): void
    {
        $this->expectException(InvalidSku::class);
        $this->expectExceptionMessage($sentence);

        Sku::of($sku);
    }

    /** @return iterable<array{string, string}> */
    public static function wrongSkus(): iterable
    {
        foreach (['@', '=', '*', ',', '/', '%', '?', '#'] as $character) {
            yield [$character === '@' ? 'a@b' : "a{$character}b", "can't hold “{$character}”; “a-b” would do."];
        }
        yield ['heather honey', 'a space or control character; “heather-honey” would do.'];
        yield ["a\tb", '“a-b” would do.'];
        yield ['%%', 'use letters, digits'];
        yield ['', 'The SKU is missing'];
        yield ["\xff", 'not text'];
        yield [str_repeat('a', 65), '65 characters; shorten it to 64'];
    }

    public function test_the_proposed_spelling_is_allowed(): void
    {
        $proposal = Sku::allowedSpelling(' Beeswax / wrap, 2% *new* ');

        self::assertSame($proposal, Sku::of($proposal)->text);
    }

    public function test_stock_covers_what_is_on_the_shelf(): void
    {
        self::assertTrue(Stock::of(3)->covers(3));
        self::assertFalse(Stock::of(3)->covers(4));
        self::assertTrue(Stock::untracked()->covers(1_000_000));
        self::assertSame(12, Stock::fromEntry(' 12 ')->pieces);
    }

    #[DataProvider('wrongStocks')]
    public function test_a_wrong_stock_is_refused(string $entry, string $sentence): void
    {
        $this->expectException(InvalidStock::class);
        $this->expectExceptionMessage($sentence);

        Stock::fromEntry($entry);
    }

    /** @return iterable<array{string, string}> */
    public static function wrongStocks(): iterable
    {
        yield from [['', 'The stock is missing'], ['-1', "can't be -1"], ['1.5', 'not a number of pieces'], ['1000001', 'from 0 to 1000000'], ["3\n", 'not a number'], ['many', 'not a number']];
    }

    public function test_every_drawing_is_there_and_has_words(): void
    {
        foreach (Drawing::cases() as $drawing) {
            self::assertFileExists(__DIR__.'/../../../public'.$drawing->path());
            self::assertNotSame('', $drawing->label());
        }
    }

    #[DataProvider('proposed')]
    public function test_a_name_proposes_a_sku(string $name, ?string $sku): void
    {
        self::assertSame($sku, Sku::proposedFor($name)?->text);
    }

    /** @return iterable<array{string, string|null}> */
    public static function proposed(): iterable
    {
        yield ['Heather honey, 340 g', 'heather-honey-340-g'];
        yield ['  Käse & Brot = gut*  ', 'käse-brot-gut'];
        yield ['蜂蜜', '蜂蜜'];
        yield [str_repeat('long name ', 20), 'long-name-long-name-long-name-lo'];
        yield ['!!!', null];
        yield ['', null];
    }
}
