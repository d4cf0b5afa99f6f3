<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use PaperKite\Catalogue\Availability;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Quantity;
use PaperKite\Catalogue\Stock;
use PaperKite\Catalogue\Terms;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** What is picked, on which terms, and whether it can be had. */
final class PickTest extends TestCase
{
    #[DataProvider('stocks')]
    public function test_a_pick_can_be_had_where_enough_is_left(?Stock $stock, bool $isDraft, int $pieces, Availability $expected): void
    {
        self::assertSame($expected, Availability::of($isDraft, $stock ?? Stock::untracked(), $pieces));
    }

    /** @return iterable<string, array{Stock|null, bool, int, Availability}> */
    public static function stocks(): iterable
    {
        yield 'never counted' => [null, false, 9_999, Availability::ForSale];
        yield 'the last ones' => [Stock::of(3), false, 3, Availability::ForSale];
        yield 'one too many' => [Stock::of(3), false, 4, Availability::TooFew];
        yield 'nothing left' => [Stock::of(0), false, 1, Availability::SoldOut];
        yield 'nothing left, sold all the same' => [Stock::of(0, allowsBackOrder: true), false, 4, Availability::ForSale];
        yield 'still worked on' => [null, true, 1, Availability::Draft];
        yield 'still worked on, and nothing there' => [Stock::of(0), true, 1, Availability::Draft];
    }

    public function test_a_variant_counts_its_own_pieces(): void
    {
        $wraps = Samples::wraps(Stock::of(0), Stock::of(5));
        $of = static fn (int $variant): Availability => (new Pick($wraps, Quantity::of(2), $wraps->variants[$variant]))->availability();

        self::assertSame([Availability::SoldOut, Availability::ForSale], [$of(0), $of(1)]);
    }

    public function test_the_same_goods_on_other_terms_are_another_pick(): void
    {
        $euro = Currency::of('EUR');
        $wraps = Samples::wraps();
        $keys = array_map(static fn (Terms $terms): string => (new Pick($wraps, Quantity::of(1), $wraps->variants[0], $terms))->key(), [
            Terms::once(), Terms::inParts(), Terms::plan('monthly'), Terms::plan('yearly'),
            Terms::giving(Money::ofMinor(750, $euro)), Terms::giving(Money::ofMinor(75, $euro)), Terms::giving(Money::ofMinor(750, Currency::of('SEK'))),
        ]);

        self::assertSame($keys, array_values(array_unique($keys)));
        self::assertSame($keys[0], (new Pick($wraps, Quantity::of(9), $wraps->variants[0]))->key());
        self::assertNotSame($keys[0], (new Pick($wraps, Quantity::of(1), $wraps->variants[1]))->key());
    }
}
