<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checkout\FrozenCheckout;
use App\Checkout\FrozenCheckoutCast;
use App\Checkout\FrozenLine;
use App\Models\Payment;
use Eris\Generators;
use Eris\TestTrait;
use InvalidArgumentException;
use PaperKite\Checkout\ShopperDetails;
use PHPUnit\Framework\TestCase;

/** What is frozen into a payment comes out of it as it went in. */
final class FrozenCheckoutTest extends TestCase
{
    use TestTrait;

    public function test_reading_undoes_writing(): void
    {
        $this->forAll(Generators::seq(Generators::tuple(Generators::choose(1, 999), Generators::choose(0, 1_000_000), Generators::elements('honey', 'דבש 🍯', "O'Neill \"& sons\"", '\\u0041'))))
            ->then(function (array $lines): void {
                /** @var list<array{int, int, string}> $lines */
                $checkout = new FrozenCheckout(
                    array_map(static fn (array $line, int $i): FrozenLine => new FrozenLine($i + 1, $i % 3 === 0 ? $i + 1 : null, $i % 2 === 0 ? null : $i, $line[2], $line[2], 'Small · Clover', '/drawings/hive.svg', $line[0], $line[1], $line[0] * $line[1], 1, 2, $line[2]), $lines, array_keys($lines)),
                    new ShopperDetails('ada@letters.example', 'עדה', '12 Chandler Court', '', 'Tarnmouth', 'GB', comment: "Ring.\nTwice."),
                    array_sum(array_map(static fn (array $line): int => $line[0] * $line[1], $lines)),
                    count($lines),
                    390,
                    73,
                    true,
                    -4,
                    $lines === [] ? null : 7,
                    $lines === [] ? null : 'BLOSSOM',
                    ['shipping' => 'Every order ships for €3.90, however much is in it.'],
                );
                $cast = new FrozenCheckoutCast;

                self::assertEquals($checkout, $cast->get(new Payment, 'checkout', $cast->set(new Payment, 'checkout', $checkout, []), []));
            });
    }

    public function test_nothing_else_is_kept(): void
    {
        $this->expectException(InvalidArgumentException::class);

        (new FrozenCheckoutCast)->set(new Payment, 'checkout', null, []);
    }
}
