<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Order;
use App\Models\Shop;
use App\Orders\OrderSheet;
use App\Payments\SettlePayment;
use Illuminate\Support\Facades\Queue;
use PaperKite\Order\GoodsState;
use PaperKite\Payment\ProviderState;
use Tests\Support\FakeProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** The orders as a sheet. */
final class OrderSheetTest extends TestCase
{
    use OpensPayments;

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->travelTo('2026-03-31 23:30:00');
        $this->shop = $this->shop();
        foreach (['ada@letters.example', 'bo@letters.example'] as $email) {
            $payment = $this->opened($this->shop, $this->product($this->shop, ['sku' => "honey-{$email[0]}", 'name' => '=HYPERLINK("http://evil.example")']), 2, email: $email);
            app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));
        }
        Order::query()->where('shop_id', $this->shop->id)->where('number', 1001)->update(['name' => '@דבש, "Söhne"', 'comment' => "Ring twice.\nPlease", 'goods_state' => GoodsState::Packed]);
    }

    public function test_each_line_of_an_order_is_a_row_and_what_strangers_typed_is_text(): void
    {
        $rows = $this->rows('');

        self::assertSame([OrderSheet::HEAD, '1002', '1001'], [$rows[0], $rows[1][0], $rows[2][0]]);
        self::assertSame([
            'order' => '1001', 'placed' => '2026-03-31 23:30', 'state' => 'packed', 'money' => 'authorised', 'name' => "'@דבש, \"Söhne\"", 'company' => '', 'street' => '12 Chandler Court', 'postcode' => '',
            'town' => 'Tarnmouth', 'country' => 'GB', 'email' => 'ada@letters.example', 'phone' => '', 'sku' => 'honey-a', 'goods' => '\'=HYPERLINK("http://evil.example")', 'choices' => '', 'attendees' => '',
            'quantity' => '2', 'unit' => '9.80', 'subtotal' => '19.60', 'discount' => '0.00', 'tax' => '0.00', 'order_shipping' => '3.90', 'order_total' => '23.50', 'order_refunded' => '0.00', 'currency' => 'EUR', 'comment' => "Ring twice.\nPlease",
        ], array_combine(OrderSheet::HEAD, $rows[2]));
    }

    public function test_the_sheet_holds_what_the_list_shows(): void
    {
        self::assertSame(['1001'], array_column(array_slice($this->rows('?state=packed'), 1), 0));
        self::assertSame(['1002'], array_column(array_slice($this->rows('?search=bo@'), 1), 0));
        self::assertSame([], array_slice($this->rows('?search=nobody'), 1));
    }

    public function test_only_the_shops_own_people_get_it(): void
    {
        $this->getJson($this->console("/sheets/{$this->shop->slug}/orders.csv"))->assertUnauthorized();
        $this->actingAs($this->person($this->shop()))->get($this->console("/sheets/{$this->shop->slug}/orders.csv"))->assertNotFound();
    }

    /** @return list<list<string>> */
    private function rows(string $query): array
    {
        $answer = $this->actingAs($this->person($this->shop))->get($this->console("/sheets/{$this->shop->slug}/orders.csv{$query}"))->assertOk()
            ->assertHeader('Content-Type', 'text/csv; charset=utf-8')->assertHeader('Content-Disposition', 'attachment; filename=orders-2026-03-31.csv');
        $text = $answer->streamedContent();
        self::assertStringStartsWith("\u{FEFF}order,", $text);
        $file = fopen('php://memory', 'w+') ?: self::fail();
        fwrite($file, substr($text, 3));
        rewind($file);
        $rows = [];
        while (is_array($row = fgetcsv($file, escape: ''))) {
            $rows[] = array_map(strval(...), $row);
        }

        return $rows;
    }
}
