<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use App\Models\Person;
use App\Models\Shop;
use App\Payments\SettlePayment;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Order\GoodsState;
use PaperKite\Payment\ProviderState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** How far the goods of orders have come: said of one or of many, and told to the shopper once. */
final class MoveOrdersTest extends TestCase
{
    use OpensPayments;

    private Shop $shop;

    private Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->person = $this->person($this->shop);
        $this->actingAs($this->person);
        for ($i = 0; $i < 3; $i++) {
            $this->order($this->shop, "ada{$i}@letters.example");
        }
    }

    public function test_many_are_packed_and_sent_at_once_and_each_shopper_is_told_once(): void
    {
        $this->move([1001, 1002, 1003], GoodsState::Packed)->assertOk()->assertExactJson(['moved' => 3, 'stayed' => []]);
        self::assertSame(0, $this->told());

        $this->move([1001, 1002], GoodsState::Sent, 'Tarn Parcel')->assertJsonPath('moved', 2);
        // The same act twice, and a press that came too late.
        $this->move([1001, 1002, 1003], GoodsState::Sent)->assertJsonPath('moved', 3);

        self::assertSame(3, $this->told());
        $text = Message::query()->where(['kind' => MessageKind::Sent, 'to' => 'ada0@letters.example'])->sole()->text;
        self::assertStringContainsString('is on its way with Tarn Parcel:', $text);
        self::assertStringContainsString('1 × Heather honey, 340 g', $text);
        self::assertStringNotContainsString('Follow the parcel', $text);
    }

    public function test_an_order_says_what_it_became_who_said_so_and_where_its_parcel_is(): void
    {
        $this->move([1001], GoodsState::Packed);
        $this->move([1001], GoodsState::Sent, 'דואר', 'https://parcels.example/follow?id=7');

        $this->getJson($this->address('/orders/1001'))->assertOk()
            ->assertJsonPath('goods.label', 'Sent')->assertJsonPath('next', [])
            ->assertJsonPath('steps.0.label', 'Packed')->assertJsonPath('steps.0.person', 'Wren Halloway')->assertJsonPath('steps.0.carrier', '')
            ->assertJsonPath('steps.1.carrier', 'דואר')->assertJsonPath('steps.1.tracking', 'https://parcels.example/follow?id=7');
        self::assertStringContainsString('Follow the parcel: https://parcels.example/follow?id=7', Message::query()->where('kind', MessageKind::Sent)->sole()->text);
    }

    public function test_what_can_not_be_stays_and_says_why_and_the_others_go_on(): void
    {
        $this->move([1001], GoodsState::Sent);

        $this->move([1001, 1002, 1999], GoodsState::Packed)->assertExactJson(['moved' => 1, 'stayed' => [
            ['number' => 1001, 'why' => 'It is sent, and can’t become packed any more.'],
            ['number' => 1999, 'why' => 'There is no such order in this shop.'],
        ]]);
        self::assertSame([GoodsState::Sent, GoodsState::Packed, GoodsState::New], Order::query()->where('shop_id', $this->shop->id)->orderBy('number')->get()->map(static fn (Order $order): GoodsState => $order->goods_state)->all());
    }

    public function test_a_list_tells_how_many_are_how_far_and_shows_those_that_are_asked_for(): void
    {
        $this->move([1002], GoodsState::Packed);
        $this->order($this->shop(), 'bo@letters.example');

        $this->getJson($this->address('/orders?state=new'))->assertOk()
            ->assertJsonPath('at.total', 2)->assertJsonPath('items.0.number', 1003)->assertJsonPath('items.1.number', 1001)
            ->assertJsonPath('states', [
                ['state' => 'new', 'label' => 'New', 'count' => 2], ['state' => 'packed', 'label' => 'Packed', 'count' => 1],
                ['state' => 'sent', 'label' => 'Sent', 'count' => 0], ['state' => 'collected', 'label' => 'Collected', 'count' => 0],
            ]);
        $this->getJson($this->address('/orders?state=packed'))->assertJsonPath('items.0.goods_label', 'Packed');
        $this->getJson($this->address('/orders?state=lost'))->assertJsonPath('at.total', 3);
    }

    public function test_an_order_of_another_shop_is_none(): void
    {
        $other = $this->shop();
        $this->order($other, 'bo@letters.example');
        Order::query()->where('shop_id', $other->id)->update(['number' => 7007]);

        $this->move([7007], GoodsState::Sent)->assertJsonPath('stayed.0.why', 'There is no such order in this shop.');
        $this->postJson($this->console("/api/shops/{$other->slug}/orders/goods"), ['numbers' => [7007], 'to' => 'sent', 'carrier' => '', 'tracking' => ''])->assertNotFound();

        self::assertSame(GoodsState::New, Order::query()->where('shop_id', $other->id)->sole()->goods_state);
        self::assertSame(0, $this->told());
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_told_at_its_field_and_nothing_moves(array $with, string $field, string $sentence): void
    {
        $this->postJson($this->address('/orders/goods'), $with + ['numbers' => [1001], 'to' => 'sent', 'carrier' => '', 'tracking' => ''])
            ->assertUnprocessable()->assertJsonPath("errors.{$field}.0", $sentence);

        self::assertSame([0, 0], [$this->told(), Order::query()->where('shop_id', $this->shop->id)->where('goods_state', '<>', GoodsState::New)->count()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'a script for an address' => [['tracking' => 'javascript:alert(1)'], 'tracking', 'This is no address at which a parcel can be followed; copy it whole from the carrier, it begins with https://.'];
        yield 'a carrier that goes on and on' => [['carrier' => str_repeat('x', 61)], 'carrier', 'The name of the carrier has 61 characters; shorten it to 60.'];
    }

    private function order(Shop $shop, string $email): void
    {
        $payment = $this->opened($shop, $this->product($shop), 1, email: $email);
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));
    }

    private function told(): int
    {
        return Message::query()->where('kind', MessageKind::Sent)->count();
    }

    /**
     * @param  list<int>  $numbers
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function move(array $numbers, GoodsState $to, string $carrier = '', string $tracking = ''): TestResponse
    {
        /** @var TestResponse<\Illuminate\Http\JsonResponse> */
        return $this->postJson($this->address('/orders/goods'), ['numbers' => $numbers, 'to' => $to->value, 'carrier' => $carrier, 'tracking' => $tracking]);
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}{$path}");
    }
}
