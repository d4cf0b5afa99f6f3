<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Money\Currency;
use PaperKite\Money\CurrencyMismatch;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Partner\Commission\BreakEven;
use PaperKite\Partner\Commission\Conversion;
use PaperKite\Partner\Commission\Expected;
use PaperKite\Partner\Commission\Rate;
use PaperKite\Partner\Commission\Rates;
use PaperKite\Partner\Commission\RatesEntry;
use PaperKite\Results\Wilson;
use PaperKite\Text\DecimalMark;
use PaperKite\Text\FormInput;
use PaperKite\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What marketplaces pay, what clicks should bring, and when a cost has paid for itself. */
final class CommissionTest extends TestCase
{
    use TestTrait;

    public function test_the_rate_of_the_day_is_its_categorys_and_else_that_of_all_others(): void
    {
        $day = Day::read(...);
        $rates = new Rates([
            new Rate('Lamps', Percentage::fromEntry('4'), null, $day('2026-03-31')),
            new Rate('Lamps', Percentage::fromEntry('6.5'), $day('2026-04-01')),
            new Rate('', Percentage::fromEntry('2'), $day('2026-01-01'), $day('2026-12-31')),
        ]);
        $on = static fn (string $category, string $when): ?string => $rates->on($category, $day($when))?->share->text;

        self::assertSame(['4', '6.5', '2', '2', null], [$on('Lamps', '2026-03-31'), $on('Lamps', '2026-04-01'), $on('Wool', '2026-04-01'), $on('lamps', '2026-04-01'), $on('Wool', '2027-01-01')]);
        self::assertSame(['Lamps'], $rates->categories());
    }

    /** @return iterable<string, array{list<array<string, string>>, array<string, string>}> */
    public static function forms(): iterable
    {
        yield 'a blank row is none' => [[['category' => ' ', 'rate' => '', 'from' => '', 'until' => '']], []];
        yield 'two on one day' => [[['category' => 'Lamps', 'rate' => '4'], ['category' => 'Lamps', 'rate' => '5', 'from' => '2026-01-01']], ['rates.1.from' => 'For “Lamps” two rates would be paid on the same day; let one end before the other begins.']];
        yield 'one after the other' => [[['category' => '', 'rate' => '4', 'until' => '2026-01-01'], ['category' => '', 'rate' => '5', 'from' => '2026-01-02']], []];
        yield 'ends before it begins' => [[['category' => '', 'rate' => '4', 'from' => '2026-01-02', 'until' => '2026-01-01']], ['rates.0.until' => 'The last day is before the first; correct one of the two.']];
        yield 'no rate' => [[['category' => 'Lamps', 'rate' => '']], ['rates.0.rate' => 'The percentage is missing.']];
        yield 'more than all' => [[['category' => 'Lamps', 'rate' => '101']], ['rates.0.rate' => '“101” is more than 100 percent; enter a percentage from 0 to 100.']];
        yield 'no day' => [[['category' => 'Lamps', 'rate' => '4,5', 'from' => '31.01.2026']], ['rates.0.from' => '“31.01.2026” is not a day; enter one such as 2026-05-01.']];
        yield 'a day that is not' => [[['category' => 'Lamps', 'rate' => '4', 'until' => '2026-02-30']], ['rates.0.until' => '“2026-02-30” does not exist in the calendar or on the clock; correct it.']];
    }

    /**
     * @param  list<array<string, string>>  $rates
     * @param  array<string, string>  $errors
     */
    #[DataProvider('forms')]
    public function test_a_form_of_rates_is_read_or_told_where_it_is_wrong(array $rates, array $errors): void
    {
        self::assertSame($errors, RatesEntry::read(FormInput::of(['rates' => $rates], DecimalMark::Comma))->errors);
    }

    public function test_the_interval_of_wilson(): void
    {
        // Newcombe (1998), "Two-sided confidence intervals for the single proportion", table I.
        foreach ([[81, 263, 0.2553, 0.3662], [15, 148, 0.0624, 0.1605], [0, 20, 0.0, 0.1611], [1, 29, 0.0061, 0.1718]] as [$counted, $all, $low, $high]) {
            $interval = Wilson::of($counted, $all);
            self::assertEqualsWithDelta($low, $interval->low, 5e-5);
            self::assertEqualsWithDelta($high, $interval->high, 5e-5);
        }
        $this->forAll(Generators::choose(1, 100_000), Generators::choose(0, 100_000))->then(static function (int $all, int $counted): void {
            $interval = Wilson::of(min($counted, $all), $all);
            self::assertTrue(0.0 <= $interval->low && $interval->low <= min($counted, $all) / $all && min($counted, $all) / $all <= $interval->high && $interval->high <= 1.0);
        });
    }

    public function test_few_clicks_are_reckoned_by_the_sellers_assumption_and_enough_by_their_own_history(): void
    {
        $few = Conversion::of(29, 20, 0.02);
        $own = Conversion::of(30, 3, 0.02);

        self::assertSame([true, 0.02, 0.02, 0.02], [$few->isAssumed, $few->share, $few->low, $few->high]);
        self::assertSame([false, 0.1], [$own->isAssumed, $own->share]);
        self::assertTrue($own->low < 0.1 && 0.1 < $own->high);
        self::assertSame(1.0, Conversion::of(40, 60, 0.02)->share);
    }

    public function test_expected_earnings_have_two_ends_and_are_exact_to_the_cent(): void
    {
        $expected = Expected::of(Money::ofMinor(4600, Currency::of('EUR')), new Rate('', Percentage::fromEntry('4')), 240, Conversion::of(240, 6, 0.02));

        self::assertSame([184, 1104], [$expected->commission->minor, $expected->earnings->minor]);
        self::assertTrue($expected->low->minor < 1104 && 1104 < $expected->high->minor);
        self::assertSame([0, 0], [($none = Expected::of(Money::ofMinor(4600, Currency::of('EUR')), new Rate('', Percentage::fromEntry('4')), 0, Conversion::of(0, 0, 0.02)))->earnings->minor, $none->high->minor]);
    }

    public function test_a_cost_is_paid_for_by_so_many_sales_and_clicks(): void
    {
        $eur = static fn (int $minor): Money => Money::ofMinor($minor, Currency::of('EUR'));
        $even = BreakEven::of($eur(1000), $eur(184), Conversion::of(0, 0, 0.02));

        self::assertSame([6, 300, 300, 300], [$even?->sales, $even?->clicks, $even?->fewest, $even?->most]);
        self::assertSame([1, null, null], [($never = BreakEven::of($eur(100), $eur(184), Conversion::of(100, 0, 0.02)))?->sales, $never?->clicks, $never?->most]);
        self::assertNull(BreakEven::of($eur(1000), $eur(0), Conversion::of(0, 0, 0.02)));
        $this->expectException(CurrencyMismatch::class);
        BreakEven::of($eur(1000), Money::ofMinor(184, Currency::of('SEK')), Conversion::of(0, 0, 0.02));
    }
}
