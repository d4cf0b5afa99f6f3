<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Money\AmountTooLarge;
use PaperKite\Money\Currency;
use PaperKite\Money\CurrencyMismatch;
use PaperKite\Money\InvalidAmount;
use PaperKite\Money\Money;
use PaperKite\Money\UnknownCurrency;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

final class MoneyTest extends TestCase
{
    use TestTrait;

    #[DataProvider('entries')]
    public function test_an_entry_is_read_exactly(string $entry, string $code, int $minor, string $decimal, string $shown): void
    {
        $money = Money::fromEntry($entry, Currency::of($code));

        self::assertSame([$minor, $decimal, $shown], [$money->minor, $money->decimal(), $money->shown()]);
    }

    /** @return iterable<string, array{string, string, int, string, string}> */
    public static function entries(): iterable
    {
        yield 'cents' => ['9.80', 'EUR', 980, '9.80', '€9.80'];
        yield 'one decimal' => ['9.8', 'EUR', 980, '9.80', '€9.80'];
        yield 'spaces around' => [' 12 ', 'EUR', 1200, '12.00', '€12.00'];
        yield 'nothing' => ['0', 'EUR', 0, '0.00', '€0.00'];
        yield 'thousands are grouped' => ['1234567.89', 'EUR', 123456789, '1234567.89', '€1,234,567.89'];
        yield 'no decimals' => ['980', 'JPY', 980, '980', '¥980'];
        yield 'three decimals' => ['1.234', 'KWD', 1234, '1.234', "KWD\u{00A0}1.234"];
        yield 'a symbol of letters' => ['12', 'CHF', 1200, '12.00', "CHF\u{00A0}12.00"];
        yield 'largest' => ['999999999999', 'EUR', 99999999999900, '999999999999.00', '€999,999,999,999.00'];
    }

    #[DataProvider('wrongEntries')]
    public function test_a_wrong_entry_is_refused_with_its_reason(string $entry, string $code, string $sentence): void
    {
        $this->expectException(InvalidAmount::class);
        $this->expectExceptionMessage($sentence);

        Money::fromEntry($entry, Currency::of($code));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrongEntries(): iterable
    {
        yield 'blank' => ['  ', 'EUR', 'The amount is missing.'];
        yield 'three decimals where there are two' => ['9.801', 'EUR', '“9.801” has more decimals than EUR, which has 2 decimals.'];
        yield 'a decimal where there are none' => ['9.5', 'JPY', 'which has no decimals.'];
        yield 'negative' => ['-3', 'EUR', '“-3” is negative'];
        yield 'a comma' => ['9,80', 'EUR', '“9,80” is not an amount; write digits with a point'];
        yield 'an exponent' => ['1e5', 'EUR', 'is not an amount'];
        yield 'a trailing line break' => ["9.80\n", 'EUR', 'is not an amount'];
        yield 'words' => ['ten', 'EUR', 'is not an amount'];
        yield 'broken bytes' => ["\xff", 'EUR', 'is not an amount'];
        yield 'too large' => ['1000000000000', 'EUR', 'larger than 999,999,999,999'];
    }

    public function test_writing_and_reading_an_amount_gives_it_back(): void
    {
        $this->forAll(Generators::choose(0, 99_999_999_900), Generators::elements('EUR', 'JPY', 'KWD'))->then(function (int $minor, string $code): void {
            $money = Money::ofMinor($minor, Currency::of($code));
            if ((float) $money->decimal() <= 999_999_999) {
                self::assertTrue($money->equals(Money::fromEntry($money->decimal(), Currency::of($code))));
            }
        });
    }

    public function test_multiplying_is_adding_again_and_again(): void
    {
        $this->forAll(Generators::choose(0, 1_000_000), Generators::choose(1, 20))->then(function (int $cents, int $times): void {
            $sum = Samples::euros(0);
            for ($i = 0; $i < $times; $i++) {
                $sum = $sum->plus(Samples::euros($cents));
            }
            self::assertTrue($sum->equals(Samples::euros($cents)->multipliedBy($times)));
        });
    }

    public function test_two_currencies_are_never_added(): void
    {
        $this->expectException(CurrencyMismatch::class);

        Samples::euros(1)->plus(Money::ofMinor(1, Currency::of('USD')));
    }

    public function test_an_amount_beyond_an_integer_is_refused_not_wrapped(): void
    {
        $this->expectException(AmountTooLarge::class);

        Samples::euros(PHP_INT_MAX)->multipliedBy(2);
    }

    #[DataProvider('currencies')]
    public function test_minor_digits_are_those_of_iso_4217(string $code, ?int $digits): void
    {
        if ($digits === null) {
            $this->expectException(UnknownCurrency::class);
        }

        self::assertSame($digits, Currency::of($code)->digits);
    }

    /** @return iterable<array{string, int|null}> */
    public static function currencies(): iterable
    {
        yield from [['EUR', 2], ['JPY', 0], ['KWD', 3], ['ISK', 0], ['HUF', 2], ['CLF', null], ['XAU', null], ['eur', null], ['ZZZ', null], ['', null], ['R A', null]];
    }
}
