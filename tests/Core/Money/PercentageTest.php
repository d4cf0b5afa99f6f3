<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Money\AmountTooLarge;
use PaperKite\Money\InvalidPercentage;
use PaperKite\Money\Percentage;
use PaperKite\Money\Shares;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

final class PercentageTest extends TestCase
{
    use TestTrait;

    #[DataProvider('roundings')]
    public function test_half_a_unit_is_rounded_away_from_nothing(string $percent, int $cents, int $of, int $contained): void
    {
        $rate = Percentage::fromEntry($percent);

        self::assertSame([$of, $contained], [$rate->of(Samples::euros($cents))->minor, $rate->containedIn(Samples::euros($cents))->minor]);
    }

    /** @return iterable<array{string, int, int, int}> */
    public static function roundings(): iterable
    {
        yield 'exactly half' => ['5', 50, 3, 2];
        yield 'just below half' => ['5', 49, 2, 2];
        yield 'nothing of it' => ['0', 1295, 0, 0];
        yield 'nothing to take of' => ['23', 0, 0, 0];
        yield 'all of it' => ['100', 1295, 1295, 648];
        yield 'with decimals' => ['8.875', 3885, 345, 317];
        yield 'with zeros at the end' => ['19.000', 1000, 190, 160];
        yield 'below nothing, away from it too' => ['5', -50, -3, -2];
        yield 'of a cent' => ['50', 1, 1, 0];
    }

    public function test_a_percentage_is_exact_until_it_is_rounded(): void
    {
        $this->forAll(Generators::choose(0, 100_000), Generators::choose(0, 1_000_000_000_000))
            ->then(function (int $thousandths, int $minor): void {
                $text = sprintf('%d.%03d', intdiv($thousandths, 1000), $thousandths % 1000);
                $exact = BigRational::of($thousandths)->multipliedBy($minor)->dividedBy(100_000);
                $contained = BigRational::of($thousandths)->multipliedBy($minor)->dividedBy(100_000 + $thousandths);

                self::assertSame((string) $exact->toScale(0, RoundingMode::HALF_UP), (string) Percentage::fromEntry($text)->of(Samples::euros($minor))->minor);
                self::assertSame((string) $contained->toScale(0, RoundingMode::HALF_UP), (string) Percentage::fromEntry($text)->containedIn(Samples::euros($minor))->minor);
            });
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_entry_is_refused_with_its_reason(string $text, string $reason): void
    {
        $this->expectException(InvalidPercentage::class);
        $this->expectExceptionMessage($reason);

        Percentage::fromEntry($text);
    }

    /** @return iterable<array{string, string}> */
    public static function wrong(): iterable
    {
        yield from [['', 'missing'], ['much', 'not a percentage'], ['-1', 'not a percentage'], ['1,5', 'not a percentage'], ['.5', 'not a percentage'], ["5\n", 'not a percentage'], ['100.0001', 'more than 100'], ['101', 'more than 100']];
    }

    public function test_it_is_written_as_short_as_it_can_be(): void
    {
        self::assertSame(['19', '8.875', '0'], array_map(static fn (string $text): string => Percentage::fromEntry($text)->text, ['19.00', '8.8750', '0.0']));
    }

    /**
     * @param  list<int>  $weights
     * @param  list<int>  $expected
     */
    #[DataProvider('shares')]
    public function test_what_is_shared_goes_to_the_largest_remainders_and_of_equal_ones_to_the_earlier(int $whole, array $weights, array $expected): void
    {
        self::assertSame($expected, array_map(static fn ($share): int => $share->minor, Shares::inProportion(Samples::euros($whole), array_map(Samples::euros(...), $weights))));
    }

    /** @return iterable<string, array{int, list<int>, list<int>}> */
    public static function shares(): iterable
    {
        yield 'equal remainders' => [100, [1, 1, 1], [34, 33, 33]];
        yield 'two units to spare' => [200, [1, 1, 1], [67, 67, 66]];
        yield 'the largest remainder is last' => [10, [1, 1, 2], [3, 2, 5]];
        yield 'nothing to weigh by' => [10, [0, 0], [0, 0]];
        yield 'nothing to share' => [0, [3, 4], [0, 0]];
        yield 'nobody to share among' => [0, [], []];
        yield 'one who weighs nothing' => [7, [0, 5, 0], [0, 7, 0]];
        yield 'more than 64 bits on the way' => [4_000_000_000_000, [3_000_000_000_000, 1_000_000_000_000], [3_000_000_000_000, 1_000_000_000_000]];
    }

    public function test_what_can_not_be_reckoned_exactly_is_refused(): void
    {
        $this->expectException(AmountTooLarge::class);

        Samples::euros(PHP_INT_MAX)->plus(Samples::euros(1));
    }
}
