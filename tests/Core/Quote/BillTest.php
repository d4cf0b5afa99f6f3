<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PaperKite\Money\Money;
use PaperKite\Quote\Bill;
use PaperKite\Quote\BillRowKind;
use PaperKite\Quote\Document\DocumentReader;
use PaperKite\Quote\Quote;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\Unquotable;
use PHPUnit\Framework\TestCase;

/** A bill as it is read. */
final class BillTest extends TestCase
{
    public function test_the_rows_of_a_bill_come_to_its_total_whatever_is_sold(): void
    {
        $bills = 0;
        for ($seed = 1; $seed <= 300; $seed++) {
            $receipt = self::receipt($seed);
            if ($receipt === null) {
                continue;
            }
            $bill = Bill::of($receipt);
            $sum = Money::sum(array_map(static fn ($line): Money => $line->subtotal, $bill->lines), $receipt->shop->currency);
            self::assertTrue($sum->equals($bill->items));
            foreach ($bill->rows as $row) {
                $sum = $row->kind->isTakenOff() ? $sum->minus($row->amount) : $sum->plus($row->amount);
            }
            self::assertTrue($sum->equals($bill->total), "The bill of {$seed} doesn’t add up.");
            $bills++;
        }
        self::assertGreaterThan(200, $bills);
    }

    public function test_a_bill_reads_in_its_order_and_leaves_out_what_is_nothing(): void
    {
        $coupon = ['code' => 'MAY', 'kind' => 'amount', 'value' => '1.00'];
        $taxed = ['products.0.tax_class' => 'standard'];

        self::assertSame([[BillRowKind::Shipping], []], self::kinds(['shop.tax' => []]));
        self::assertSame([[BillRowKind::Shipping], [BillRowKind::ContainedTax]], self::kinds($taxed));
        self::assertSame([[BillRowKind::Discount, BillRowKind::Shipping, BillRowKind::Tax], []], self::kinds($taxed + ['coupon' => $coupon, 'shop.prices_include_tax' => false]));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array{list<BillRowKind>, list<BillRowKind>}
     */
    private static function kinds(array $changes): array
    {
        $bill = Bill::of(Documents::quote(Documents::with($changes)));

        return [array_map(static fn ($row): BillRowKind => $row->kind, $bill->rows), array_map(static fn ($row): BillRowKind => $row->kind, $bill->within)];
    }

    private static function receipt(int $seed): ?Receipt
    {
        try {
            return Quote::of(DocumentReader::read(json_encode(SeededDocuments::document($seed), JSON_THROW_ON_ERROR)));
        } catch (Unquotable) {
            return null;
        }
    }
}
