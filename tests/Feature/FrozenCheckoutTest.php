<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Casts\FrozenCheckoutCast;
use App\Models\FrozenCheckout;
use App\Models\FrozenLine;
use App\Models\Payment;
use Eris\Generators;
use Eris\TestTrait;
use InvalidArgumentException;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;
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
                    array_map(static fn (array $line, int $i): FrozenLine => new FrozenLine($i + 1, $i % 3 === 0 ? $i + 1 : null, $i % 2 === 0 ? null : $i, $line[2], $line[2], 'Small · Clover', '/drawings/hive.svg', $line[0], $line[1], $line[0] * $line[1], 1, 2, $i % 2 === 0 ? null : Said::sentence([Said::of(Phrase::CouponHasRunOut, code: $line[2])]), kind: ProductKind::cases()[$i % count(ProductKind::cases())], thanks: $i % 2 === 0 ? null : $line[2], begins: $i % 2 === 0 ? null : 1_800_000_000, ends: $i % 3 === 0 ? null : 1_800_003_600, place: $line[2], eventSequence: $i, attendees: $i % 2 === 0 ? [] : ['דבש', $line[2]]), $lines, array_keys($lines)),
                    new ShopperDetails('ada@letters.example', 'עדה', '12 Chandler Court', '', 'Tarnmouth', 'GB', comment: "Ring.\nTwice."),
                    array_sum(array_map(static fn (array $line): int => $line[0] * $line[1], $lines)),
                    count($lines),
                    390,
                    73,
                    true,
                    -4,
                    $lines === [] ? null : 7,
                    $lines === [] ? null : 'BLOSSOM',
                    ['shipping' => Said::of(Phrase::ShippingRule, rule: Said::of(Phrase::EveryOrderShipsFor, fee: Money::ofMinor(390, Currency::of('EUR'))))],
                );
                $cast = new FrozenCheckoutCast;

                self::assertEquals($checkout, $cast->get(new Payment, 'checkout', $cast->set(new Payment, 'checkout', $checkout, []), []));
            });
    }

    public function test_a_payment_of_another_release_is_read_with_one_key_more_or_less(): void
    {
        $line = ['productId' => 1, 'variantId' => null, 'placementId' => null, 'sku' => 'honey', 'name' => 'Honey', 'choices' => '', 'picture' => '/x.svg', 'quantity' => 2, 'unitMinor' => 980, 'subtotalMinor' => 1960, 'discountMinor' => 0, 'taxMinor' => 73, 'because' => ''];
        $all = ['lines' => [$line], 'shopper' => ['email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '1 Row', 'postcode' => '', 'town' => 'Tarn', 'country' => 'IE', 'company' => '', 'phone' => '', 'comment' => ''], 'itemsMinor' => 1960, 'discountMinor' => 0, 'shippingMinor' => 390, 'taxMinor' => 73, 'taxIsContained' => true, 'profitMinor' => 5, 'couponId' => null, 'couponCode' => null, 'reasons' => ['tax' => 'Contained.']];
        $read = static fn (array $kept): FrozenCheckout => (new FrozenCheckoutCast)->get(new Payment, 'checkout', json_encode($kept, JSON_THROW_ON_ERROR), []);
        $whole = $read($all);
        // The release before kept sentences.
        self::assertSame('Contained.', $whole->reasons['tax']->in(Wording::english()));

        self::assertEquals($whole, $read($all + ['giftCardsMinor' => 5, 'v' => 7]));
        self::assertEquals($whole, $read(['lines' => [$line + ['seat' => 'A']], 'shopper' => $all['shopper'] + ['attendee' => 'Bo']] + $all));
        foreach (array_keys($all) as $key) {
            self::assertSame($key === 'lines' ? 0 : 1, count($read(array_diff_key($all, [$key => true]))->lines), $key);
        }
        foreach (array_keys($line) as $key) {
            self::assertSame($key === 'quantity' ? 0 : 2, $read(['lines' => [array_diff_key($line, [$key => true])]] + $all)->lines[0]->quantity, $key);
        }
        foreach (array_keys($all['shopper']) as $key) {
            self::assertSame($key === 'name' ? '' : 'Ada', $read(['shopper' => array_diff_key($all['shopper'], [$key => true])] + $all)->shopper->name, $key);
        }
    }

    public function test_nothing_else_is_kept(): void
    {
        $this->expectException(InvalidArgumentException::class);

        (new FrozenCheckoutCast)->set(new Payment, 'checkout', null, []);
    }
}
