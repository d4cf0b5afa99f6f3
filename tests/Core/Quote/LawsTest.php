<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Money\Money;
use PaperKite\Money\Shares;
use PaperKite\Quote\LaterPayment;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** What holds of every quote, whatever is in the cart. */
final class LawsTest extends TestCase
{
    use TestTrait;

    public function test_shares_sum_to_what_is_shared(): void
    {
        $this->forAll(Generators::choose(0, 1_000_000_000), Generators::seq(Generators::choose(0, 1_000_000_000)))
            ->then(function (int $whole, array $weights): void {
                /** @var list<int> $weights */
                $shares = Shares::inProportion(Samples::euros($whole), array_map(Samples::euros(...), $weights));
                $expected = array_sum($weights) === 0 ? 0 : $whole;

                self::assertSame($expected, self::sum($shares));
                self::assertSame(count($weights), count($shares));
            });
    }

    public function test_equal_parts_sum_exactly_and_the_earlier_carry_the_odd_units(): void
    {
        $this->forAll(Generators::choose(0, 1_000_000), Generators::choose(1, 60))
            ->then(function (int $whole, int $count): void {
                $parts = array_map(static fn (Money $part): int => $part->minor, Shares::equal(Samples::euros($whole), max(1, $count)));
                $sorted = $parts;
                rsort($sorted);

                self::assertSame($whole, array_sum($parts));
                self::assertSame($sorted, $parts);
                self::assertLessThanOrEqual(1, $parts[0] - $parts[$count - 1]);
            });
    }

    public function test_the_total_is_its_parts_and_nothing_due_is_negative(): void
    {
        $this->limitTo(150)->forAll($this->carts(), $this->coupons(), Generators::elements('IE', 'DE', 'GB'), Generators::bool())
            ->then(function (array $cart, ?array $coupon, string $country, bool $isContained): void {
                $receipt = Documents::quote(Documents::with(['cart' => $cart, 'coupon' => $coupon, 'country' => $country, 'shop.prices_include_tax' => $isContained, 'shop.zones.1.table.limit' => Documents::removed(), 'gift_cards' => [['code' => 'A', 'balance' => '12.34']]]));
                self::assertSame($receipt->items->minor, self::sumOf($receipt, static fn (ReceiptLine $line): Money => $line->subtotal));
                self::assertSame($receipt->discount->total->minor, self::sumOf($receipt, static fn (ReceiptLine $line): Money => $line->discount));
                self::assertSame($receipt->tax->minor, self::sumOf($receipt, static fn (ReceiptLine $line): Money => $line->tax) + $receipt->shippingTax->minor);
                self::assertSame($receipt->total->minor, $receipt->items->minor - $receipt->discount->total->minor + $receipt->shipping->fee->minor + ($isContained ? 0 : $receipt->tax->minor));
                self::assertSame($receipt->total->minor, $receipt->dueNow->minor + $receipt->instalments->minor + $receipt->giftCards->minor);
                $fee = $receipt->shop->paymentFee?->on($receipt->dueNow)->minor ?? 0;
                self::assertSame($receipt->profit->minor, self::sumOf($receipt, static fn (ReceiptLine $line): Money => $line->profit) - $fee);
                self::assertGreaterThanOrEqual(0, $receipt->dueNow->minor);
                foreach ($receipt->later as $payment) {
                    self::assertGreaterThan(0, $payment->amount->minor);
                }
            });
    }

    public function test_the_order_of_lines_changes_no_sum_without_a_coupon_and_tax_by_at_most_a_unit_a_line_with_one(): void
    {
        $this->limitTo(150)->forAll($this->carts(), $this->coupons())
            ->then(function (array $cart, ?array $coupon): void {
                $forth = Documents::quote(Documents::with(['cart' => $cart, 'coupon' => $coupon]));
                $back = Documents::quote(Documents::with(['cart' => array_reverse($cart), 'coupon' => $coupon]));

                self::assertSame([$forth->items->minor, $forth->discount->total->minor], [$back->items->minor, $back->discount->total->minor]);
                if ($coupon === null) {
                    self::assertSame(self::sums($forth), self::sums($back));
                }
                self::assertLessThanOrEqual(count($cart), abs($forth->tax->minor - $back->tax->minor));
            });
    }

    /** @return mixed what Eris draws carts with */
    private function carts(): mixed
    {
        return Generators::seq(Generators::map(
            static fn (array $drawn): array => ['quantity' => $drawn[1]] + $drawn[0],
            Generators::tuple(Generators::elements(
                ['sku' => 'honey'], ['sku' => 'wrap-s'], ['sku' => 'wrap-l'], ['sku' => 'adopt', 'plan' => 'monthly'], ['sku' => 'hive'],
                ['sku' => 'hive', 'instalments' => true], ['sku' => 'hedgerow', 'amount' => '7.77'], ['sku' => 'card'],
            ), Generators::choose(1, 9)),
        ));
    }

    private function coupons(): mixed
    {
        return Generators::elements(null, ['code' => 'A', 'kind' => 'percent', 'value' => '33.3'], ['code' => 'A', 'kind' => 'amount', 'value' => '17.01'], ['code' => 'A', 'kind' => 'free_shipping'], ['code' => 'A', 'kind' => 'percent', 'value' => '100', 'skus' => ['wrap', 'hive']]);
    }

    /** @param  callable(ReceiptLine): Money  $amount */
    private static function sumOf(Receipt $receipt, callable $amount): int
    {
        return self::sum(array_map($amount, $receipt->lines));
    }

    /** @param  list<Money>  $amounts */
    private static function sum(array $amounts): int
    {
        return array_sum(array_map(static fn (Money $amount): int => $amount->minor, $amounts));
    }

    /** @return list<int|string> */
    private static function sums(Receipt $receipt): array
    {
        return [
            $receipt->shipping->fee->minor, $receipt->tax->minor, $receipt->total->minor, $receipt->dueNow->minor, $receipt->profit->minor,
            json_encode(array_map(static fn (LaterPayment $payment): array => [$payment->on->text(), $payment->amount->minor], $receipt->later), JSON_THROW_ON_ERROR),
        ];
    }
}
