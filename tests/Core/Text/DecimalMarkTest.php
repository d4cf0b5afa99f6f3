<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use PaperKite\Text\DecimalMark;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DecimalMarkTest extends TestCase
{
    /** @return iterable<array{string, string, string}> */
    public static function numbers(): iterable
    {
        yield 'a comma where people write one' => ['DE', '19,90', '19.90'];
        yield 'a point is read there too' => ['DE', '19.90', '19.90'];
        yield 'with spaces around it' => ['FR', ' 19,90 ', ' 19.90 '];
        yield 'grouped: no number that is safe to read' => ['DE', '1.019,90', '1.019,90'];
        yield 'two commas' => ['DE', '1,019,90', '1,019,90'];
        yield 'negative, to be refused as such' => ['ES', '-1,5', '-1.5'];
        yield 'a newline at its end' => ['DE', "19,90\n", "19,90\n"];
        yield 'where people write a point' => ['IE', '19,90', '19,90'];
        yield 'Switzerland writes a point' => ['CH', '19,90', '19,90'];
    }

    #[DataProvider('numbers')]
    public function test_a_number_is_read_as_the_country_writes_it(string $country, string $typed, string $read): void
    {
        self::assertSame($read, DecimalMark::in($country)->pointed($typed));
    }

    public function test_a_list_of_numbers_falls_apart_where_it_is_not_ambiguous(): void
    {
        self::assertSame(['5', '10', '25'], DecimalMark::Point->split('5,10, 25'));
        self::assertSame(['7,50', '10', '25'], DecimalMark::Comma->split('7,50, 10; 25,'));
        self::assertSame(['5,10,25'], DecimalMark::Comma->split('5,10,25'));
    }

    public function test_a_form_and_its_parts_are_written_with_one_mark(): void
    {
        $form = FormInput::of(['price' => '9,80', 'suggested' => '2,50, 5', 'variants' => [['price' => '1,20']], 'part' => ['fee' => '3,90']], DecimalMark::Comma);

        self::assertSame(['9.80', ['2.50', '5']], [$form->decimal('price'), $form->decimals('suggested')]);
        self::assertSame(['1.20', '3.90'], [$form->items('variants')[0]->decimal('price'), $form->part('part')->decimal('fee')]);
        self::assertSame('9,80', $form->text('price'));
    }
}
