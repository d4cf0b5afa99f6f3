<?php

declare(strict_types=1);

namespace Tests\Core\Refund;

use PaperKite\Refund\Balance;
use PaperKite\Refund\CantGiveBack;
use PaperKite\Refund\Left;
use PaperKite\Refund\Portion;
use PaperKite\Refund\Wish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** Three jars at 9.80 with 1.00 off and one candle at 4.00, 3.90 for shipping, 23 % of tax in all of it. */
final class BalanceTest extends TestCase
{
    private const JARS = 11;

    private const CANDLE = 12;

    /**
     * @param  array<int, int>  $pieces
     * @param  array{int, int}  $expected  what goes back, and the tax in it
     */
    #[DataProvider('goods')]
    public function test_goods_go_back_for_what_was_paid_for_them(array $pieces, int $shipping, array $expected): void
    {
        $step = self::sold()->giving(Wish::goods($pieces, Samples::euros($shipping)));

        self::assertSame($expected, [$step->amount->minor, $step->tax->minor]);
    }

    /** @return iterable<string, array{array<int, int>, int, array{int, int}}> */
    public static function goods(): iterable
    {
        yield 'one jar: 9.80 less a third of the discount' => [[self::JARS => 1], 0, [947, 177]];
        yield 'two jars' => [[self::JARS => 2], 0, [1893, 354]];
        yield 'all jars' => [[self::JARS => 3], 0, [2840, 531]];
        yield 'the candle and all of shipping' => [[self::CANDLE => 1], 390, [790, 148]];
        yield 'half of shipping alone' => [[], 195, [195, 37]];
        yield 'everything' => [[self::JARS => 3, self::CANDLE => 1], 390, [3630, 679]];
    }

    public function test_an_amount_is_shared_over_all_that_was_paid_and_lessens_what_pieces_are_worth_then(): void
    {
        $allowance = self::sold()->giving(Wish::amount(Samples::euros(363)));
        self::assertSame([284, 40, 39], [$allowance->lines[self::JARS]->portion->amount->minor, $allowance->lines[self::CANDLE]->portion->amount->minor, $allowance->shipping?->portion->amount->minor]);

        $left = self::sold()->after($allowance);
        self::assertSame([3267, 2556], [$left->left->minor, $left->lines[self::JARS]->portion->amount->minor]);
        self::assertSame(852, $left->giving(Wish::goods([self::JARS => 1], Samples::euros(0)))->amount->minor);
    }

    #[DataProvider('refusals')]
    public function test_what_can_not_be_given_back_says_where_and_why(Wish $wish, string $at, string $message): void
    {
        $left = self::sold();
        $left = $left->after($left->giving(Wish::goods([self::CANDLE => 1, self::JARS => 2], Samples::euros(390))));
        try {
            $left->giving($wish);
            self::fail('It was given back.');
        } catch (CantGiveBack $refused) {
            self::assertSame([$at, $message], [$refused->at, $refused->getMessage()]);
        }
    }

    /** @return iterable<string, array{Wish, string, string}> */
    public static function refusals(): iterable
    {
        $none = Samples::euros(0);
        yield 'nothing' => [Wish::goods([], $none), '', 'Choose what is given back: at least one piece, or an amount above nothing.'];
        yield 'no amount' => [Wish::amount($none), '', 'Choose what is given back: at least one piece, or an amount above nothing.'];
        yield 'a line of another order' => [Wish::goods([99 => 1], $none), 'lines.99', 'This line is not in the order.'];
        yield 'what has been given back' => [Wish::goods([self::CANDLE => 1], $none), 'lines.12', 'All of it has been given back.'];
        yield 'more pieces than are left' => [Wish::goods([self::JARS => 2], $none), 'lines.11', 'Only 1 piece can still be given back.'];
        yield 'fewer than none' => [Wish::goods([self::JARS => -1], $none), 'lines.11', 'Only 1 piece can still be given back.'];
        yield 'shipping again' => [Wish::goods([], Samples::euros(1)), 'shipping', 'Nothing of shipping can be given back.'];
        yield 'more than is left' => [Wish::amount(Samples::euros(948)), 'amount', 'Only €9.47 can still be given back.'];
        yield 'a negative amount' => [Wish::amount(Samples::euros(-1)), 'amount', 'Only €9.47 can still be given back.'];
    }

    public function test_less_was_taken_than_was_sold(): void
    {
        $balance = Balance::of(self::sold()->lines, self::sold()->shipping, Samples::euros(1000), []);

        $this->expectExceptionMessage('more than is left of what was taken: €10.00');
        $balance->giving($balance->everything());
    }

    private static function sold(): Balance
    {
        $part = static fn (int $net, int $discount, int $tax): Portion => new Portion(Samples::euros($net), Samples::euros($discount), Samples::euros($tax), true);

        return Balance::of(
            [self::JARS => Left::of(3, $part(2840, 100, 531)), self::CANDLE => Left::of(1, $part(400, 0, 75))],
            Left::of(1, $part(390, 0, 73)),
            Samples::euros(3630),
            [],
        );
    }
}
