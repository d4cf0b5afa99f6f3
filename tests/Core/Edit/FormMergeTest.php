<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use Eris\Generator;
use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Edit\FieldChange;
use PaperKite\Edit\FieldLabel;
use PaperKite\Edit\FormDifference;
use PaperKite\Edit\FormMerge;
use PaperKite\Edit\SaidValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two people change one form: each keeps what the other left, and what both changed is told. */
final class FormMergeTest extends TestCase
{
    use TestTrait;

    /**
     * @param  array<mixed>  $base
     * @param  array<mixed>  $theirs
     * @param  array<mixed>  $mine
     * @param  array<mixed>  $form
     * @param  list<list<string>>  $clashes
     */
    #[DataProvider('forms')]
    public function test_a_form_is_joined_field_by_field(array $base, array $theirs, array $mine, array $form, array $clashes): void
    {
        $merge = FormMerge::of($base, $theirs, $mine);

        self::assertEquals($form, $merge->form);
        self::assertSame($clashes, array_map(static fn (FieldChange $clash): array => $clash->path, $merge->clashes));
    }

    /** @return iterable<string, array{array<mixed>, array<mixed>, array<mixed>, array<mixed>, list<list<string>>}> */
    public static function forms(): iterable
    {
        $base = ['name' => 'Jar', 'price' => '9.80', 'fee' => ['percent' => '2', 'fixed' => '0.20'], 'tags' => ['a', 'b'], 'own' => []];
        $with = static fn (array $fields): array => array_replace_recursive($base, $fields);
        yield 'different fields' => [$base, $with(['name' => 'Pot']), $with(['price' => '8']), $with(['name' => 'Pot', 'price' => '8']), []];
        yield 'different fields of a part' => [$base, $with(['fee' => ['percent' => '3']]), $with(['fee' => ['fixed' => '0']]), $with(['fee' => ['percent' => '3', 'fixed' => '0']]), []];
        yield 'the same field' => [$base, $with(['name' => 'Pot']), $with(['name' => 'Tin', 'price' => '8']), $with(['name' => 'Pot', 'price' => '8']), [['name']]];
        yield 'the same field, to the same' => [$base, $with(['name' => 'Pot']), $with(['name' => 'Pot']), $with(['name' => 'Pot']), []];
        yield 'a list is one field' => [$base, ['tags' => ['a']] + $base, ['tags' => ['a', 'b', 'c']] + $base, ['tags' => ['a']] + $base, [['tags']]];
        yield 'a list that one left' => [$base, ['tags' => []] + $base, $base, ['tags' => []] + $base, []];
        yield 'words that both added' => [$base, $with(['own' => ['cart' => 'Basket']]), $with(['own' => ['pay' => 'Pay up']]), $with(['own' => ['cart' => 'Basket', 'pay' => 'Pay up']]), []];
        yield 'a word that one took away' => [$with(['own' => ['cart' => 'Basket']]), $with(['own' => ['cart' => 'Basket', 'pay' => 'Go']]), $base, $with(['own' => ['pay' => 'Go']]), []];
        yield 'a word that one took away and one changed' => [$with(['own' => ['cart' => 'Basket']]), $with(['own' => ['cart' => 'Bag']]), $base, $with(['own' => ['cart' => 'Bag']]), [['own', 'cart']]];
        yield 'a field that is left out is untouched' => [$base, $with(['name' => 'Pot']), ['price' => '8'], $with(['name' => 'Pot', 'price' => '8']), []];
        yield 'fields in another order' => [$base, array_reverse($base, true), $with(['name' => 'Tin']), $with(['name' => 'Tin']), []];
    }

    public function test_who_changes_nothing_takes_nothing_away(): void
    {
        $this->forAll(self::form(), self::form())->then(static function (array $base, array $changed): void {
            $kept = static fn (array $base, array $theirs, array $mine): array => [FormMerge::of($base, $theirs, $mine)->clashes, FormDifference::between($changed, FormMerge::of($base, $theirs, $mine)->form)->changes];

            self::assertSame([[], []], $kept($base, $changed, $base));
            self::assertSame([[], []], $kept($base, $base, $changed));
            self::assertSame([[], []], $kept($base, $changed, $changed));
        });
    }

    public function test_mine_stand_where_they_are_wanted(): void
    {
        $base = ['name' => 'Jar', 'fee' => ['percent' => '2', 'fixed' => '0']];
        $merge = FormMerge::of($base, ['name' => 'Pot', 'fee' => ['percent' => '3', 'fixed' => '1']], ['name' => 'Tin', 'fee' => ['percent' => '4', 'fixed' => '0']]);

        self::assertEquals(['name' => 'Tin', 'fee' => ['percent' => '4', 'fixed' => '1']], $merge->withMine());
    }

    public function test_every_change_of_either_stands_or_is_told(): void
    {
        $this->forAll(self::form(), self::form(), self::form())->then(static function (array $base, array $theirs, array $mine): void {
            $merge = FormMerge::of($base, $theirs, $mine);
            $path = static fn (FieldChange $change): string => implode('/', $change->path);
            $clashes = array_map($path, $merge->clashes);
            // Theirs stand all; of mine, those that are not told of.
            self::assertSame([], array_diff(array_map($path, FormDifference::between($theirs, $merge->form)->changes), array_map($path, FormDifference::between($base, $mine)->changes)));
            self::assertSame([], array_diff(array_map($path, FormDifference::between($mine, $merge->form)->changes), array_map($path, FormDifference::between($base, $theirs)->changes)));
            self::assertSame($clashes, array_map($path, FormMerge::of($base, $mine, $theirs)->clashes));
        });
    }

    #[DataProvider('values')]
    public function test_a_value_is_said_in_a_line(mixed $value, string $said): void
    {
        self::assertSame($said, SaidValue::of($value));
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function values(): iterable
    {
        yield 'text' => [' Jar ', 'Jar'];
        yield 'nothing' => ['', 'nothing'];
        yield 'not there' => [null, 'nothing'];
        yield 'yes' => [true, 'yes'];
        yield 'no' => [false, 'no'];
        yield 'a number' => [3, '3'];
        yield 'a list' => [['a', 'b'], 'a, b'];
        yield 'rows' => [[['name' => 'Small', 'price' => '', 'is_on' => false], ['name' => 'Large', 'price' => '12']], 'Small, Large 12'];
        yield 'formatted text' => ['<p>Dark &amp; <b>late</b></p><p>jar</p>', 'Dark & late jar'];
        yield 'what is no mark' => ['a < b > c', 'a < b > c'];
        yield 'a long text' => [str_repeat('蜜', 200), str_repeat('蜜', 79).'…'];
    }

    /** @param  non-empty-list<string>  $path */
    #[DataProvider('labels')]
    public function test_a_field_is_called_as_on_the_screen(array $path, string $label): void
    {
        self::assertSame($label, FieldLabel::of($path));
    }

    /** @return iterable<string, array{non-empty-list<string>, string}> */
    public static function labels(): iterable
    {
        yield 'by its name' => [['sale_price'], 'Sale price'];
        yield 'by its own label' => [['is_draft'], 'Draft'];
        yield 'of a part' => [['rules', 'payment_fee', 'percent'], 'Payment fee, percent'];
    }

    /** @return Generator<array<string, mixed>> */
    private static function form(): Generator
    {
        $field = Generators::elements('a', 'b', 'c');

        return Generators::associative(['name' => $field, 'price' => $field, 'tags' => Generators::elements([], ['a'], ['a', 'b']), 'fee' => Generators::associative(['percent' => $field, 'fixed' => $field])]);
    }
}
