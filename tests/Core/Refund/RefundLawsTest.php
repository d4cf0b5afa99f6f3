<?php

declare(strict_types=1);

namespace Tests\Core\Refund;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Money\Money;
use PaperKite\Refund\Balance;
use PaperKite\Refund\CantGiveBack;
use PaperKite\Refund\GivenBack;
use PaperKite\Refund\Left;
use PaperKite\Refund\Portion;
use PaperKite\Refund\Wish;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Samples;

/** What holds of giving money back, whatever was sold and in whichever steps it goes. */
final class RefundLawsTest extends TestCase
{
    use TestTrait;

    public function test_any_steps_and_then_the_rest_give_back_exactly_what_was_taken_with_all_discount_and_tax(): void
    {
        $this->limitTo(400)->forAll(Generators::choose(0, PHP_INT_MAX >> 8))->then(function (int $seed): void {
            $random = new Randomizer(new Mt19937($seed));
            $sold = $this->sold($random);
            [$steps, $left] = $this->someSteps($random, $sold);
            if (! $left->left->isZero()) {
                $steps[] = $left->giving($left->everything());
            }

            $all = Balance::of($sold->lines, $sold->shipping, $sold->left, $steps);
            self::assertSame(0, $all->left->minor);
            foreach ([...array_values($all->lines), $all->shipping] as $part) {
                self::assertSame([0, 0, 0], [$part->portion->net->minor, $part->portion->discount->minor, $part->portion->tax->minor]);
            }
        });
    }

    public function test_no_step_gives_back_more_than_is_left_and_no_share_is_negative(): void
    {
        $this->limitTo(400)->forAll(Generators::choose(0, PHP_INT_MAX >> 8))->then(function (int $seed): void {
            $random = new Randomizer(new Mt19937($seed));
            $sold = $this->sold($random);
            [$steps, $left] = $this->someSteps($random, $sold);

            self::assertSame($sold->left->minor, $left->left->minor + array_sum(array_map(static fn (GivenBack $step): int => $step->amount->minor, $steps)));
            foreach ($steps as $step) {
                foreach ([...array_values($step->lines), ...($step->shipping === null ? [] : [$step->shipping])] as $share) {
                    self::assertGreaterThanOrEqual(0, min($share->portion->net->minor, $share->portion->discount->minor, $share->portion->tax->minor));
                }
            }
            $this->expectRefusal(static fn () => $left->giving(Wish::amount($left->left->plus(Samples::euros(1)))));
        });
    }

    public function test_pieces_come_to_the_same_in_one_step_as_in_many(): void
    {
        $this->limitTo(400)->forAll(Generators::choose(0, PHP_INT_MAX >> 8))->then(function (int $seed): void {
            $random = new Randomizer(new Mt19937($seed));
            $sold = $this->sold($random);
            $pieces = array_map(static fn (Left $line): int => $random->getInt(0, $line->pieces), $sold->lines);
            if (array_sum($pieces) === 0) {
                return;
            }
            $steps = [];
            $left = $sold;
            foreach ($pieces as $id => $count) {
                for ($i = 0; $i < $count; $i++) {
                    $share = $left->lines[$id]->forPieces(1);
                    $steps[] = $step = new GivenBack([$id => $share], null, Samples::euros(0));
                    $left = $left->after($step);
                }
            }
            $atOnce = array_map(static fn (int $id): Portion => $sold->lines[$id]->forPieces($pieces[$id])->portion, array_keys($pieces));

            self::assertSame(array_sum(array_map(static fn (Portion $portion): int => $portion->amount->minor, $atOnce)), array_sum(array_map(static fn (GivenBack $step): int => $step->amount->minor, $steps)));
            self::assertSame(array_sum(array_map(static fn (Portion $portion): int => $portion->tax->minor, $atOnce)), array_sum(array_map(static fn (GivenBack $step): int => $step->tax->minor, $steps)));
        });
    }

    public function test_a_piece_is_worth_its_price_before_the_discount(): void
    {
        $this->limitTo(300)->forAll(Generators::choose(1, 40), Generators::choose(0, 9_999), Generators::choose(0, 9_999))->then(function (int $pieces, int $price, int $off): void {
            $subtotal = $pieces * $price;
            $discount = min($off, $subtotal);
            $left = Left::of(max(1, $pieces), new Portion(Samples::euros($subtotal - $discount), Samples::euros($discount), Samples::euros(0), true));
            for ($i = 0; $i < $pieces; $i++) {
                $share = $left->forPieces(1);
                self::assertSame($price, $share->portion->subtotal->minor);
                $left = $left->after($share);
            }
        });
    }

    /** @param  callable(): mixed  $act */
    private function expectRefusal(callable $act): void
    {
        try {
            $act();
            self::fail('It was not refused.');
        } catch (CantGiveBack $refused) {
            self::assertNotSame('', $refused->getMessage());
        }
    }

    /** An order of one to four lines, with shipping or none, tax in its prices or on top. */
    private function sold(Randomizer $random): Balance
    {
        $isContained = $random->getInt(0, 1) === 1;
        $part = static function (int $subtotal) use ($random, $isContained): Portion {
            $discount = $random->getInt(0, 2) === 0 ? $random->getInt(0, $subtotal) : 0;
            $tax = intdiv(($subtotal - $discount) * $random->getInt(0, 23), 123);

            return new Portion(Samples::euros($subtotal - $discount), Samples::euros($discount), Samples::euros($tax), $isContained);
        };
        $lines = [];
        for ($id = 1, $count = $random->getInt(1, 4); $id <= $count; $id++) {
            $pieces = max(1, $random->getInt(1, 12));
            $lines[$id * 7] = Left::of($pieces, $part($pieces * $random->getInt(0, 3_000)));
        }
        $shipping = Left::of(1, $part($random->getInt(0, 900)));
        $paid = Money::sum(array_map(static fn (Left $left): Money => $left->portion->amount, [...array_values($lines), $shipping]), Samples::euros(0)->currency);

        return Balance::of($lines, $shipping, $paid, []);
    }

    /** @return array{list<GivenBack>, Balance} */
    private function someSteps(Randomizer $random, Balance $left): array
    {
        $steps = [];
        for ($i = $random->getInt(0, 6); $i > 0; $i--) {
            try {
                $step = $left->giving($random->getInt(0, 2) === 0
                    ? Wish::amount(Samples::euros($random->getInt(0, (int) ($left->left->minor * 0.7))))
                    : Wish::goods(array_map(static fn (Left $line): int => $random->getInt(0, $line->pieces), $left->lines), Samples::euros($random->getInt(0, max(0, $left->shipping->portion->amount->minor)))));
            } catch (CantGiveBack) {
                continue;
            }
            $steps[] = $step;
            $left = $left->after($step);
        }

        return [$steps, $left];
    }
}
