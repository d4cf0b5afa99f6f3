<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Catalogue\Variant;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferItem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** What an offer leaves to the shopper, and when it has sold out. */
final class OfferTest extends TestCase
{
    /** @param  array<string, Stock|null>  $variants  by choice; none: the product as it is */
    #[DataProvider('shelves')]
    public function test_it_has_sold_out_once_no_choice_has_enough_left(?Stock $own, array $variants, int $quantity, bool $isSoldOut): void
    {
        $item = $this->item($own, $variants, $quantity);

        self::assertSame([$variants !== [], $isSoldOut], [$item->leavesAChoice(), $item->isSoldOut()]);
    }

    /** @return iterable<string, array{Stock|null, array<string, Stock|null>, int, bool}> */
    public static function shelves(): iterable
    {
        yield 'nobody counts' => [null, [], 999, false];
        yield 'exactly enough' => [Stock::of(3), [], 3, false];
        yield 'one too few' => [Stock::of(2), [], 3, true];
        yield 'none, but sold on' => [Stock::of(0, true), [], 3, false];
        yield 'one of two variants has enough' => [null, ['Small' => Stock::of(0), 'Large' => Stock::of(3)], 3, false];
        yield 'enough together, too few of each' => [null, ['Small' => Stock::of(2), 'Large' => Stock::of(2)], 3, true];
        yield 'a variant that is not counted' => [null, ['Small' => Stock::of(0), 'Large' => null], 3, false];
        yield 'a variant counts as its product where it has no count of its own' => [Stock::of(1), ['Small' => null], 2, true];
        yield 'a variant’s own count goes before its product’s' => [Stock::of(9), ['Small' => Stock::of(1)], 2, true];
    }

    public function test_a_line_takes_the_first_variant_where_there_is_one(): void
    {
        self::assertNull(Samples::item()->typicalPick()->variant);
        self::assertSame(['Small'], Samples::item(Samples::wraps())->typicalPick()->variant?->choices);
        self::assertSame(['Large'], Samples::item(Samples::wraps(), 1, Samples::wraps()->variants[1])->typicalPick()->variant?->choices);
    }

    public function test_the_words_of_a_cart_use_differ_and_say_what_becomes_of_the_rest(): void
    {
        self::assertSame(['just this', 'this and whatever is in their cart'], array_map(static fn (CartUse $use): string => $use->words(), CartUse::cases()));
        self::assertSame(['What is in their cart stays there.', 'All of it is paid at once.'], array_map(static fn (CartUse $use): string => $use->note(), CartUse::cases()));
    }

    /** @param  array<string, Stock|null>  $variants */
    private function item(?Stock $own, array $variants, int $quantity): OfferItem
    {
        $options = $variants === [] ? [] : [new Option('Size', array_map(static fn (string $name): Choice => new Choice($name), array_keys($variants)))];
        $made = array_map(static fn (string $name, ?Stock $stock): Variant => new Variant(Sku::of('honey-'.strtolower($name)), [$name], stock: $stock), array_keys($variants), $variants);

        return Samples::item(Samples::product(stock: $own, options: $options, variants: $made), $quantity);
    }
}
