<?php

declare(strict_types=1);

namespace Tests\Core\Shopfront;

use PaperKite\Offer\Onwards;
use PaperKite\Shopfront\ShelfDensity;
use PaperKite\Shopfront\ShelfInput;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShelfInputTest extends TestCase
{
    private const RIGHT = ['name' => 'From the hive', 'density' => 'large', 'onwards' => 'mini_cart', 'category' => '', 'products' => [3, 1, 3]];

    public function test_a_shelf_is_read_as_it_was_entered_each_product_once(): void
    {
        $read = ShelfInput::read(FormInput::of(self::RIGHT));

        self::assertSame([[], 'From the hive', ShelfDensity::Large, Onwards::MiniCart, '', [3, 1]], [$read->errors, $read->name, $read->density, $read->onwards, $read->category, $read->products]);
        self::assertSame([], ShelfInput::read(FormInput::of(['category' => 'Pantry', 'products' => []] + self::RIGHT))->errors);
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_what_is_wrong_is_said_at_its_field_and_the_rest_is_read(array $wrong, string $field): void
    {
        $read = ShelfInput::read(FormInput::of($wrong + self::RIGHT));

        self::assertSame([$field], array_keys($read->errors));
        self::assertContains($read->onwards, [Onwards::Stay, Onwards::MiniCart], 'A shelf leads nowhere else.');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'a blank name' => [['name' => "\u{A0} "], 'name'];
        yield 'a character too many' => [['name' => str_repeat('ж', 81)], 'name'];
        yield 'a control character' => [['name' => "Hive\u{7}"], 'name'];
        yield 'no known density' => [['density' => 'Cards'], 'density'];
        yield 'somewhere else' => [['onwards' => 'pay'], 'onwards'];
        yield 'nowhere' => [['onwards' => []], 'onwards'];
        yield 'nothing on it' => [['products' => 'honey'], 'products'];
        yield 'one too many' => [['products' => range(1, ShelfInput::MOST + 1)], 'products'];
    }

    public function test_each_density_has_its_page(): void
    {
        foreach (ShelfDensity::cases() as $density) {
            self::assertGreaterThan(0, $density->perPage());
            self::assertNotSame('', $density->label());
        }
    }
}
