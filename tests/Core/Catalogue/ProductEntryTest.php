<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use DateTimeZone;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Entry\EnteredVariant;
use PaperKite\Catalogue\Entry\OptionsEntry;
use PaperKite\Catalogue\Entry\ProductEntry;
use PaperKite\Catalogue\InvalidWeight;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\PriceStretch;
use PaperKite\Catalogue\Sale;
use PaperKite\Catalogue\Stock;
use PaperKite\Catalogue\Weight;
use PaperKite\Catalogue\WeightUnit;
use PaperKite\Money\Currency;
use PaperKite\Text\FormInput;
use PaperKite\Time\Moment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** A product's form, from one that is right with one thing changed each time. */
final class ProductEntryTest extends TestCase
{
    private const TYPED = [
        'name' => 'Beeswax wrap', 'sku' => 'wrap', 'price' => '7.00', 'picture' => 'food-wrap', 'weight' => '60', 'weight_unit' => 'g',
        'options' => [
            ['name' => 'Size', 'choices' => [['name' => 'Small', 'price' => '6.50'], ['name' => 'Large', 'price' => '11.00']]],
            ['name' => 'Print', 'choices' => [['name' => 'Plain'], ['name' => 'Clover', 'adds' => '0.75']]],
        ],
        'variants' => [['choices' => ['Small', 'Plain'], 'sku' => 'wrap-s', 'stock' => '4'], ['choices' => ['Large', 'Clover'], 'sku' => 'wrap-l', 'weight' => '95', 'is_preselected' => true]],
        'traits' => [['name' => 'Made of', 'values' => ['cotton', 'wax']]],
        'categories' => ['Kitchen', 'Gifts', 'Kitchen'],
    ];

    public function test_a_form_is_read_whole(): void
    {
        $product = $this->entry([])->product;

        self::assertSame(['Beeswax wrap', 'wrap', 700, 60], [$product?->name, $product?->sku->text, $product?->price->regular->minor, $product?->weight?->grams]);
        self::assertSame([['wrap-s', 4, null, false], ['wrap-l', null, 95, true]], array_map(static fn (EnteredVariant $variant): array => [$variant->sku->text, $variant->stock, $variant->weightGrams, $variant->isPreselected], $product->variants ?? []));
        self::assertSame([['Kitchen', 'Gifts'], 'Made of', ['cotton', 'wax']], [$product?->categories, $product?->traits[0]->name, $product?->traits[0]->values]);
    }

    /** @param  positive-int  $options */
    #[TestWith([3, 200])]
    #[TestWith([20, 2])]
    #[TestWith([60, 10])]
    public function test_options_beyond_the_limit_are_counted_and_not_multiplied_out(int $options, int $choices): void
    {
        $many = array_map(static fn (int $option): array => ['name' => "Option {$option}", 'choices' => array_map(static fn (int $choice): array => ['name' => "Choice {$choice}", 'price' => '', 'adds' => ''], range(1, $choices))], range(1, $options));
        $before = memory_get_usage();
        $entry = $this->entry(['options' => $many]);

        self::assertArrayHasKey('options', $entry->errors);
        self::assertNull($entry->product);
        self::assertLessThan(20_000_000, memory_get_usage() - $before);
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrong')]
    public function test_a_finding_stands_at_its_field(array $with, string $path, string $sentence): void
    {
        $entry = $this->entry($with);

        self::assertSame([$path], array_keys($entry->errors));
        self::assertStringContainsString($sentence, $entry->errors[$path]);
        self::assertNull($entry->product);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        $size = static fn (array ...$choices): array => ['options' => [['name' => 'Size', 'choices' => $choices]], 'variants' => [['choices' => [$choices[0]['name']], 'sku' => 'wrap-s']]];

        yield 'no name' => [['name' => ' '], 'name', 'missing'];
        yield 'no price' => [['price' => ''], 'price', 'missing'];
        yield 'a price in words' => [['price' => 'seven'], 'price', 'not an amount'];
        yield 'a cost below nothing' => [['cost' => '-1'], 'cost', 'negative'];
        yield 'a sale above the price' => [['sale_price' => '7.01'], 'sale_price', 'above the price of €7.00'];
        yield 'a fee for further pieces alone' => [['shipping_more' => '1.00'], 'shipping_first', 'first piece'];
        yield 'a heavy thing' => [['weight' => '1001', 'weight_unit' => 'kg'], 'weight', 'a tonne'];
        yield 'a drawing that is none' => [['picture' => 'submarine'], 'picture', 'Pick one'];
        yield 'a low mark in words' => [['low_stock' => 'few'], 'low_stock', 'whole number'];
        yield 'a tax class of two lines' => [['tax_class' => "a\nb"], 'tax_class', 'line break'];
        yield 'an option without a name' => [['options' => [['name' => '', 'choices' => [['name' => 'Small']]]], 'variants' => [['choices' => ['Small'], 'sku' => 's']]], 'options.0.name', 'missing'];
        yield 'an option without choices' => [['options' => [['name' => 'Size', 'choices' => []]], 'variants' => [['choices' => [], 'sku' => 's']]], 'options.0.name', 'at least one choice'];
        yield 'two options of one name' => [['options' => [['name' => 'Size', 'choices' => [['name' => 'S']]], ['name' => 'Size', 'choices' => [['name' => 'P']]]], 'variants' => [['choices' => ['S', 'P'], 'sku' => 's']]], 'options.1.name', 'There is an option “Size” already'];
        yield 'a choice without a name' => [$size(['name' => 'Small'], ['name' => '']), 'options.0.choices.1.name', 'missing'];
        yield 'two equal choices' => [$size(['name' => 'Small'], ['name' => 'Small']), 'options.0.choices.1.name', 'There is a choice “Small” already'];
        yield 'a choice that sets and adds' => [$size(['name' => 'Small', 'price' => '1', 'adds' => '1']), 'options.0.choices.0.adds', 'not both'];
        yield 'a variant without a SKU' => [['variants' => [['choices' => ['Small', 'Plain'], 'sku' => '']]], 'variants.0.sku', 'missing'];
        yield 'a variant’s SKU twice' => [['variants' => [['choices' => ['Small', 'Plain'], 'sku' => 'w'], ['choices' => ['Large', 'Plain'], 'sku' => 'w']]], 'variants.1.sku', 'stands here twice'];
        yield 'a variant with a wrong stock' => [['variants' => [['choices' => ['Small', 'Plain'], 'sku' => 'w', 'stock' => '-1']]], 'variants.0.stock', "can't be -1"];
        yield 'a variant with a wrong price' => [['variants' => [['choices' => ['Small', 'Plain'], 'sku' => 'w', 'price' => '1.234']]], 'variants.0.price', 'more decimals'];
        yield 'no variant kept' => [['variants' => []], 'options', 'keep at least one'];
        yield 'two preselected' => [['variants' => [['choices' => ['Small', 'Plain'], 'sku' => 'a', 'is_preselected' => true], ['choices' => ['Large', 'Plain'], 'sku' => 'b', 'is_preselected' => true]]], 'variants', 'keep one'];
        yield 'an attribute without a value' => [['traits' => [['name' => 'Made of', 'values' => []]]], 'traits.0.values', 'at least one value'];
        yield 'a category too long' => [['categories' => [str_repeat('x', 81)]], 'categories', 'shorten it to 80'];
    }

    public function test_three_options_and_two_hundred_variants_are_the_most(): void
    {
        $option = static fn (string $name, int $count): array => ['name' => $name, 'choices' => array_map(static fn (int $i): array => ['name' => "{$name}{$i}"], range(1, $count))];

        self::assertArrayNotHasKey('options', $this->entry(['options' => [$option('a', 10), $option('b', 10), $option('c', 2)], 'variants' => [['choices' => ['a1', 'b1', 'c1'], 'sku' => 'x']]])->errors);
        self::assertStringContainsString('make 201 variants', $this->entry(['options' => [$option('a', 67), $option('b', 3)]])->errors['options'] ?? '');
        self::assertStringContainsString('three options', $this->entry(['options' => array_map(static fn (string $name): array => $option($name, 1), ['a', 'b', 'c', 'd'])])->errors['options'] ?? '');
    }

    public function test_a_row_whose_choices_are_gone_goes_with_them(): void
    {
        $entry = $this->entry(['variants' => [['choices' => ['Small', 'Plain'], 'sku' => 'a'], ['choices' => ['Huge', 'Plain'], 'sku' => ''], ['choices' => ['Small', 'Plain'], 'sku' => 'b']]]);

        self::assertSame([[], ['a']], [$entry->errors, array_map(static fn (EnteredVariant $variant): string => $variant->sku->text, $entry->product->variants ?? [])]);
    }

    public function test_combinations_run_through_the_last_option_first(): void
    {
        self::assertSame([['Small', 'Plain'], ['Small', 'Clover'], ['Large', 'Plain'], ['Large', 'Clover']], OptionsEntry::combinations($this->entry([])->options));
        self::assertSame([], OptionsEntry::combinations([]));
        self::assertSame([['Small', 'Plain'], ['Small', 'Clover']], OptionsEntry::combinations([
            new Option('Size', [new Choice('Small'), new Choice('Small'), new Choice('')]),
            new Option('Print', [new Choice('Plain'), new Choice('Clover')]),
        ]));
    }

    #[DataProvider('weights')]
    public function test_a_weight_is_kept_as_typed_and_counted_in_whole_grams(string $text, WeightUnit $unit, int $grams): void
    {
        $weight = Weight::fromEntry($text, $unit);

        self::assertSame([$text, $grams], [$weight->text, $weight->grams]);
    }

    /** @return iterable<array{string, WeightUnit, int}> */
    public static function weights(): iterable
    {
        yield from [['520', WeightUnit::Gram, 520], ['0.5', WeightUnit::Gram, 1], ['14.5', WeightUnit::Kilogram, 14500], ['1', WeightUnit::Ounce, 28], ['12', WeightUnit::Ounce, 340], ['1', WeightUnit::Pound, 454], ['0', WeightUnit::Pound, 0]];
    }

    public function test_what_is_no_weight_is_refused(): void
    {
        $this->expectException(InvalidWeight::class);

        Weight::fromEntry('-1', WeightUnit::Gram);
    }

    /** @param  list<array{string, bool, bool}>  $expected  price, whether it is now, whether it is a sale */
    #[DataProvider('sales')]
    public function test_a_price_is_told_as_what_it_was_is_and_will_be(?string $from, ?string $until, array $expected): void
    {
        $moment = static fn (?string $text): ?Moment => $text === null ? null : Moment::of($text);
        $stretches = PriceStretch::of(new Price(Samples::euros(980), new Sale(Samples::euros(840), $moment($from), $moment($until))), Moment::of('2026-05-10T00:00:00Z'));

        self::assertSame($expected, array_map(static fn (PriceStretch $stretch): array => [$stretch->price->decimal(), $stretch->isNow, $stretch->isSale], $stretches));
    }

    /** @return iterable<string, array{string|null, string|null, list<array{string, bool, bool}>}> */
    public static function sales(): iterable
    {
        yield 'to come' => ['2026-06-01T00:00:00Z', '2026-06-08T00:00:00Z', [['9.80', true, false], ['8.40', false, true], ['9.80', false, false]]];
        yield 'running' => ['2026-05-01T00:00:00Z', '2026-05-11T00:00:00Z', [['9.80', false, false], ['8.40', true, true], ['9.80', false, false]]];
        yield 'over' => ['2026-05-01T00:00:00Z', '2026-05-10T00:00:00Z', [['9.80', false, false], ['8.40', false, true], ['9.80', true, false]]];
        yield 'without a beginning' => [null, '2026-06-01T00:00:00Z', [['8.40', true, true], ['9.80', false, false]]];
        yield 'without an end' => ['2026-05-10T00:00:00Z', null, [['9.80', false, false], ['8.40', true, true]]];
        yield 'for good' => [null, null, [['8.40', true, true]]];
    }

    public function test_without_a_sale_a_price_is_one_stretch(): void
    {
        self::assertCount(1, PriceStretch::of(new Price(Samples::euros(980)), Moment::ofSeconds(0)));
    }

    public function test_stock_that_may_run_out_behind_says_what_is_missing(): void
    {
        self::assertSame([true, 3], [Stock::of(2, true)->covers(5), Stock::of(2, true)->missingFor(5)]);
        self::assertSame([false, 3], [Stock::of(2)->covers(5), Stock::of(2)->missingFor(5)]);
        self::assertSame([true, 0], [Stock::untracked()->covers(5), Stock::untracked()->missingFor(5)]);
    }

    /** @param  array<string, mixed>  $with */
    private function entry(array $with): ProductEntry
    {
        return ProductEntry::read(FormInput::of($with + self::TYPED), Currency::of('EUR'), new DateTimeZone('Europe/Dublin'));
    }
}
