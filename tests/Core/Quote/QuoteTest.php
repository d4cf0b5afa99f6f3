<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Quote\CartLine;
use PaperKite\Quote\InvalidQuantity;
use PaperKite\Quote\Quantity;
use PaperKite\Quote\Quote;
use PaperKite\Quote\ReceiptLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

final class QuoteTest extends TestCase
{
    use TestTrait;

    public function test_a_bill_is_goods_and_one_shipping_fee(): void
    {
        $receipt = Quote::of([
            new CartLine(Samples::product(980), Quantity::of(2)),
            new CartLine(Samples::product(1295, sku: 'candle'), Quantity::of(1)),
        ], Samples::rules(390));

        self::assertSame(
            [['9.80', '19.60'], ['12.95', '12.95']],
            array_map(static fn (ReceiptLine $line): array => [$line->unit->decimal(), $line->subtotal->decimal()], $receipt->lines),
        );
        self::assertSame(['32.55', '3.90', '36.45'], [$receipt->items->decimal(), $receipt->shipping->decimal(), $receipt->total->decimal()]);
        self::assertSame('Every order ships for €3.90, however much is in it.', $receipt->shippingBecause);
    }

    public function test_nothing_ships_from_an_empty_cart(): void
    {
        $receipt = Quote::of([], Samples::rules());

        self::assertSame(['0.00', 'Nothing is in the cart, so nothing ships.'], [$receipt->total->decimal(), $receipt->shippingBecause]);
    }

    public function test_a_shop_may_ship_free(): void
    {
        $receipt = Quote::of([new CartLine(Samples::product(980), Quantity::of(1))], Samples::rules(0));

        self::assertSame(['9.80', 'This shop ships every order free.'], [$receipt->total->decimal(), $receipt->shippingBecause]);
    }

    public function test_the_total_is_its_parts_in_whatever_order_the_lines_stand(): void
    {
        $this->forAll(Generators::seq(Generators::tuple(Generators::choose(0, 100_000), Generators::choose(1, 999))), Generators::choose(0, 5000))
            ->then(function (array $lines, int $fee): void {
                /** @var list<array{int, int}> $lines */
                $cart = array_map(static fn (array $line): CartLine => new CartLine(Samples::product($line[0]), Quantity::of($line[1])), $lines);
                $receipt = Quote::of($cart, Samples::rules($fee));

                self::assertSame(array_sum(array_map(static fn (ReceiptLine $line): int => $line->subtotal->minor, $receipt->lines)), $receipt->items->minor);
                self::assertSame($receipt->items->minor + $receipt->shipping->minor, $receipt->total->minor);
                self::assertSame($receipt->total->minor, Quote::of(array_reverse($cart), Samples::rules($fee))->total->minor);
            });
    }

    #[DataProvider('wrongQuantities')]
    public function test_a_wrong_quantity_is_refused(string $entry): void
    {
        $this->expectException(InvalidQuantity::class);

        Quantity::fromEntry($entry);
    }

    /** @return iterable<array{string}> */
    public static function wrongQuantities(): iterable
    {
        yield from [['0'], ['1000'], ['-1'], ['1.5'], [''], ["2\n"], ['two'], ['9999999']];
    }
}
