<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Payments\SettlePayment;
use Illuminate\Support\Facades\DB;
use PaperKite\Link\Device;
use PaperKite\Payment\ProviderState;
use PaperKite\Results\EventKind;
use PaperKite\Words\Wording;
use Symfony\Component\Process\Process;
use Tests\Support\FakeProvider;

/** A database that the release before has filled: with its demo, a cart, and a payment that is open while the new release arrives. */
final class CarriedOverTest extends ServedTestCase
{
    private const DATABASE = 'paper_kite_before';

    protected function setUp(): void
    {
        parent::setUp();
        $root = self::administrator();
        $root->exec('DROP DATABASE IF EXISTS '.self::DATABASE);
        $root->exec('CREATE DATABASE '.self::DATABASE.' CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $root->exec('GRANT ALL ON '.self::DATABASE.".* TO 'paper_kite'@'127.0.0.1'");
        $fill = new Process(['mariadb', '--no-defaults', '--socket='.getenv('KITE_DB_SOCKET'), '-uroot', self::DATABASE], input: (string) file_get_contents(__DIR__.'/release-before.sql'));
        $fill->mustRun();
        config(['database.connections.mariadb.database' => self::DATABASE]);
        DB::purge();
        (new Process([PHP_BINARY, 'artisan', 'migrate', '--force'], base_path(), ['DB_DATABASE' => self::DATABASE]))->mustRun();
    }

    protected function tearDown(): void
    {
        DB::purge();
        self::administrator()->exec('DROP DATABASE IF EXISTS '.self::DATABASE);
        parent::tearDown();
    }

    public function test_orders_keep_their_amounts_and_what_was_said_of_them(): void
    {
        $orders = Order::query()->with('lines')->orderBy('number')->get();
        $wraps = $orders[2]->bill();

        self::assertSame(12, $orders->count());
        foreach ($orders as $order) {
            self::assertSame($order->total_minor, $order->bill()->total->minor);
        }
        self::assertSame('The choice sets the price to €6.50; the choices add €0.75.', $wraps->lines[1]->because?->in(Wording::english()));
        self::assertNull($wraps->lines[0]->because);
        self::assertSame('Parcels of 1,000 g to under 5,000 g ship for €9.80.', $wraps->rows[0]->because?->in(Wording::english()));
    }

    public function test_a_cart_holds_what_it_held(): void
    {
        $cart = Cart::query()->where('ref', 'basketlive12')->firstOrFail();

        self::assertSame([[2, 'once'], [1, 'once']], $cart->lines->map(static fn (CartLine $line): array => [$line->quantity, $line->terms])->all());
        self::assertSame(['wrap-s-clover', 'candle'], $cart->lines->map(static fn (CartLine $line): string => $line->toCore()->sku()->text)->all());
    }

    public function test_a_payment_that_was_open_ends_in_its_order(): void
    {
        $payment = Payment::query()->where('provider_id', 'pm-before')->firstOrFail();

        $settled = app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));

        self::assertSame([CheckoutState::Ordered, PaymentState::Authorised], [$settled->checkout->state, $settled->state]);
        $bill = Order::query()->where('checkout_id', $payment->checkout_id)->with('lines')->sole()->bill();
        self::assertSame(['€29.23', '€7.25', 'The choice sets the price to €6.50; the choices add €0.75.'], [$bill->total->shown(), $bill->lines[0]->unit->shown(), $bill->lines[0]->because?->in(Wording::english())]);
        self::assertSame(0, CartLine::query()->where('cart_id', $settled->checkout->cart_id)->count());
    }

    public function test_the_money_of_each_order_is_known(): void
    {
        self::assertSame([12, 1], [DB::table('payments')->where('state', 'captured')->whereColumn('captured_minor', 'amount_minor')->whereNotNull('captured_at')->count(), DB::table('payments')->where('state', 'open')->count()]);
        foreach (Order::query()->with('payments')->get() as $order) {
            self::assertSame([$order->total_minor, $order->captured_at?->getTimestamp()], [$order->payments->sole()->captured_minor, $order->payments->sole()->captured_at?->getTimestamp()]);
        }
    }

    public function test_clicks_and_orders_are_counted_as_they_were(): void
    {
        $acts = static fn (EventKind $kind): int => DB::table('events')->where(['kind' => $kind->value, 'is_act' => true])->count();
        self::assertSame(42, $acts(EventKind::Click));
        self::assertSame(
            [[25, 25258, 14180]],
            DB::table('events')->where('kind', EventKind::Order->value)->selectRaw('CAST(SUM(pieces) AS SIGNED) AS pieces, CAST(SUM(value_minor) AS SIGNED) AS value, CAST(SUM(profit_minor) AS SIGNED) AS profit')->get()->map(static fn (object $sum): array => array_values((array) $sum))->all(),
        );
        // By the shop's own day, which in summer is an hour ahead.
        self::assertSame(
            [['2026-07-02', 0, '', Device::Tablet->number()], ['2026-11-01', 23, 'IE', Device::Phone->number()]],
            DB::table('events')->join('labels', 'labels.id', '=', 'label_id')->where('text', 'spring')->orderBy('day')->get(['day', 'hour', 'country', 'device'])->map(static fn (object $event): array => array_values((array) $event))->all(),
        );
    }
}
