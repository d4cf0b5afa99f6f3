<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\CheckoutState;
use App\Models\PaymentState;
use App\Models\Shop;
use App\Text\Secrets;
use App\Time\Clock;
use Illuminate\Support\Facades\DB;
use PaperKite\Catalogue\Drawing;
use PaperKite\Link\PlacementCode;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Order\MoneyState;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Many made-up products and orders, the same every time, written in bulk. */
final readonly class GrownShop
{
    private const SEED = 20260421;

    private const ROWS_AT_ONCE = 1000;

    private const ADJECTIVES = ['Amber', 'Late', 'Quiet', 'Wild', 'Old', 'Small', 'Dark', 'Early', 'Bright', 'Slow'];

    private const THINGS = ['honey', 'candle', 'wax', 'wrap', 'soap', 'comb', 'salve', 'mead', 'pollen', 'label'];

    public function __construct(private Clock $clock) {}

    public function products(Shop $shop, int $count): void
    {
        $chance = new Randomizer(new Mt19937(self::SEED));
        $this->insert('products', $count, fn (int $i): array => [
            'shop_id' => $shop->id,
            'sku' => "grown-{$i}",
            'name' => self::ADJECTIVES[$chance->getInt(0, 9)].' '.self::THINGS[$chance->getInt(0, 9)]." no. {$i}",
            'currency' => $shop->currency,
            'price_minor' => $chance->getInt(100, 9900),
            'picture' => Drawing::cases()[$chance->getInt(0, 7)]->value,
            'stock' => $chance->getInt(0, 3) === 0 ? null : $chance->getInt(0, 200),
            'created_at' => $this->clock->now(),
            'updated_at' => $this->clock->now(),
        ]);
        DB::statement('INSERT INTO skus (shop_id, sku, product_id) SELECT shop_id, sku, id FROM products WHERE shop_id = ? AND sku LIKE ?', [$shop->id, 'grown-%']);
    }

    public function orders(Shop $shop, int $count): void
    {
        $chance = new Randomizer(new Mt19937(self::SEED));
        $product = $shop->products()->where('sku', 'honey-340')->firstOrFail();
        $number = $shop->orders()->latest('number')->first()->number ?? 1000;
        $last = DB::table('checkouts')->max('id');
        $this->insert('checkouts', $count, fn (int $i): array => [
            'shop_id' => $shop->id, 'reference' => Secrets::token(), 'digest' => str_repeat('0', 64), 'bill' => '{}', 'state' => CheckoutState::Ordered->value,
            'created_at' => $this->clock->now(), 'updated_at' => $this->clock->now(),
        ]);
        $checkouts = DB::table('checkouts')->where('shop_id', $shop->id)->where('id', '>', $last ?? 0)->orderBy('id')->pluck('id')->all();
        $this->insert('payments', $count, fn (int $i): array => [
            'shop_id' => $shop->id, 'checkout_id' => $checkouts[$i - 1], 'reference' => Secrets::token(), 'provider_id' => "pm-grown-{$i}", 'amount_minor' => 1370, 'captured_minor' => 1370, 'currency' => $shop->currency,
            'payee' => (string) $shop->payee, 'cart_digest' => str_repeat('0', 64), 'state' => PaymentState::Captured->value, 'created_at' => $this->clock->now(), 'updated_at' => $this->clock->now(),
        ]);
        $this->insert('orders', $count, fn (int $i): array => [
            'shop_id' => $shop->id, 'checkout_id' => $checkouts[$i - 1], 'number' => $number + $i, 'token' => Secrets::token(), 'email' => $email = "shopper{$chance->getInt(1, 20_000)}@letters.example", 'email_key' => $email,
            'name' => self::ADJECTIVES[$chance->getInt(0, 9)].' Shopper '.$chance->getInt(1, 20_000), 'street' => "{$chance->getInt(1, 200)} Weir Row", 'postcode' => '', 'town' => 'Tarnmouth', 'country' => 'IE',
            'currency' => $shop->currency, 'items_minor' => 980, 'discount_minor' => 0, 'shipping_minor' => 390, 'tax_minor' => 73, 'tax_is_contained' => true, 'total_minor' => 1370, 'due_now_minor' => 1370, 'profit_minor' => 500,
            'reasons' => '{}', 'placed_at' => $this->clock->now()->subMinutes(($count - $i) * 2), 'captured_at' => $this->clock->now(), 'money_state' => MoneyState::Paid,
        ]);
        $orders = DB::table('orders')->where('shop_id', $shop->id)->where('number', '>', $number)->orderBy('id')->pluck('id')->all();
        $this->insert('order_lines', $count, fn (int $i): array => [
            'order_id' => $orders[$i - 1], 'product_id' => $product->id, 'sku' => $product->sku, 'name' => $product->name, 'picture' => $product->lead()->path ?? '', 'quantity' => 1,
            'unit_minor' => 980, 'subtotal_minor' => 980, 'discount_minor' => 0, 'tax_minor' => 0,
        ]);
        DB::table('shop_series')->where(['shop_id' => $shop->id, 'series' => 'order'])->update(['last_number' => $number + $count]);
    }

    /** Each of one to three goods, in one or two places. */
    public function offers(Shop $shop, int $count): void
    {
        $chance = new Randomizer(new Mt19937(self::SEED));
        $products = $shop->products()->orderBy('id')->limit(500)->pluck('id')->all();
        $last = $shop->offers()->reorder()->latest('id')->first()->id ?? 0;
        $this->insert('offers', $count, fn (int $i): array => [
            'shop_id' => $shop->id, 'destination' => Onwards::cases()[$chance->getInt(0, 1)]->value, 'cart_use' => CartUse::JustThis->value, 'caption' => "Offer no. {$i}",
            'state' => OfferState::Live->value, 'created_at' => $this->clock->now(), 'updated_at' => $this->clock->now()->subMinutes($i),
        ]);
        $offers = $shop->offers()->where('id', '>', $last)->orderBy('id')->pluck('id')->all();
        for ($position = 0; $position < 3; $position++) {
            $this->insert('offer_lines', intdiv($count, $position + 1), fn (int $i): array => [
                'shop_id' => $shop->id, 'offer_id' => $offers[$i - 1], 'position' => $position, 'product_id' => $products[($i * 3 + $position) % count($products)], 'quantity' => $chance->getInt(1, 3),
            ]);
        }
        foreach (['html', 'link'] as $round => $medium) {
            $this->insert('placements', intdiv($count, $round + 1), fn (int $i): array => [
                'shop_id' => $shop->id, 'offer_id' => $offers[$i - 1], 'code' => PlacementCode::random($chance)->text, 'page' => "Page no. {$i}", 'medium' => $medium, 'created_at' => $this->clock->now(), 'updated_at' => $this->clock->now(),
            ]);
        }
    }

    /** @param  callable(int): array<string, mixed>  $row  of a number from 1 on */
    private function insert(string $table, int $count, callable $row): void
    {
        for ($from = 1; $from <= $count; $from += self::ROWS_AT_ONCE) {
            DB::table($table)->insert(array_map($row, range($from, min($count, $from + self::ROWS_AT_ONCE - 1))));
        }
    }
}
