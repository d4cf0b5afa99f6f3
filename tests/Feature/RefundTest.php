<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Refund;
use App\Models\Shop;
use App\Operator\Troubles;
use App\Payments\CapturePayment;
use App\Refunds\PayBack;
use App\Refunds\ReleasePayment;
use App\Refunds\SettleRefund;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Money\Percentage;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use PaperKite\Payment\RefundState;
use PaperKite\Quote\CouponKind;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** Giving money back: tried first, done once, told once, and never more than was taken. */
final class RefundTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    private Product $honey;

    private Order $order;

    private int $line;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
        $this->honey = $this->product($this->shop, ['stock' => 10]);
        // Three jars at 9.80 and 3.90 for shipping.
        $this->order = $this->paid($this->shop, $this->honey, 3);
        $this->line = $this->order->lines()->sole()->id;
    }

    public function test_it_is_said_before_what_goes_back_and_nothing_is_done(): void
    {
        $this->ask('/refunds/trial', $this->goods('2', '3.90'))->assertOk()
            ->assertJsonPath('amount.shown', '€23.50')->assertJsonPath('lines.0.name', 'Heather honey, 340 g')->assertJsonPath('lines.0.pieces', 2)->assertJsonPath('lines.1.name', 'Shipping')
            ->assertJsonPath('sentence', '€23.50 goes back to Ada Nwosu-Reed, where it was paid from. The shopper is told by mail. This can’t be taken back.');

        self::assertSame(0, Refund::query()->count());
    }

    public function test_pieces_go_back_in_two_steps_and_the_shopper_is_told_of_each(): void
    {
        $this->refund($this->goods('1', ''), '9.80', ['is_restocked' => true])->assertOk()
            ->assertJsonPath('refunds.0.label', 'Asked of the provider')->assertJsonPath('refundable.lines.0.pieces', 2)->assertJsonPath('money.label', 'Paid');
        $this->payBack();
        $this->getJson($this->address(''))->assertJsonPath('money.label', 'Partly refunded')->assertJsonPath('refunds.0.label', 'Refunded')->assertJsonPath('refunds.0.person', 'Wren Halloway')
            ->assertJsonPath('refunds.0.lines.0.amount.shown', '€9.80');

        $this->refund(['reason' => 'Sorry that they broke.'] + $this->goods('2', '3.90'), '23.50', act: 'the-second-act')->assertOk();
        $this->payBack();
        $this->getJson($this->address(''))->assertJsonPath('money.label', 'Refunded')->assertJsonPath('refundable', null);

        self::assertSame([3330, 8], [$this->payment()->refunded_minor, $this->honey->refresh()->stock]);
        self::assertSame(["refund 9.80 refund-{$this->payment()->reference}-the-first-act", "refund 23.50 refund-{$this->payment()->reference}-the-second-act"], $this->provider->asked);
        self::assertSame([
            "1 × Heather honey, 340 g: €9.80\n  Given back: €9.80",
            "2 × Heather honey, 340 g: €19.60\n  Shipping: €3.90\n  Given back: €23.50\n\nSorry that they broke.",
        ], array_map(static fn (string $text): string => trim(substr($text, (int) strpos($text, ":\n\n") + 3, (int) strpos($text, "\n\nIt arrives") - (int) strpos($text, ":\n\n") - 3)), $this->told()));
    }

    public function test_the_same_act_twice_is_done_once(): void
    {
        $this->refund($this->goods('1', ''), '9.80')->assertOk();
        $this->refund($this->goods('1', ''), '9.80')->assertOk()->assertJsonCount(1, 'refunds');
        $this->payBack();
        $this->payBack();

        self::assertSame([1, 1, 980], [count($this->provider->asked), count($this->told()), $this->payment()->refunded_minor]);
    }

    public function test_what_was_changed_meanwhile_is_not_done(): void
    {
        $this->refund($this->goods('2', ''), '19.60')->assertOk();

        $this->refund($this->goods('2', ''), '19.60', act: 'another-act')->assertUnprocessable()->assertJsonPath('message', 'Only 1 piece can still be given back.');
        $this->refund(['by' => 'amount', 'amount' => '5.00', 'reason' => 'Late.', 'lines' => [], 'shipping' => ''], '4.00', act: 'another-act')->assertUnprocessable()
            ->assertJsonPath('errors.what.0', 'This order was changed meanwhile: €5.00 would be given back now. Nothing was done yet; look at it again.');
        self::assertSame(1, Refund::query()->count());
    }

    public function test_an_amount_needs_a_reason_and_is_shared_over_what_was_paid(): void
    {
        $amount = ['by' => 'amount', 'amount' => '3.33', 'lines' => [], 'shipping' => '', 'reason' => ''];
        $this->ask('/refunds/trial', $amount)->assertOk()->assertJsonPath('lines.0.amount.shown', '€2.94')->assertJsonPath('lines.1.amount.shown', '€0.39');
        $this->refund($amount, '3.33')->assertUnprocessable()->assertJsonPath('errors.reason.0', 'The reason is missing.');
        $this->refund(['reason' => 'דבש'] + $amount, '3.33')->assertOk();
        $this->payBack();

        self::assertStringContainsString("  Of Heather honey, 340 g: €2.94\n  Shipping: €0.39\n  Given back: €3.33", $this->told()[0]);
        self::assertStringContainsString('דבש', $this->told()[0]);
    }

    /** @param  array{by?: string, lines?: list<array<string, mixed>>, shipping?: string, amount?: string, reason?: string}  $entry */
    #[DataProvider('refusals')]
    public function test_what_can_not_be_said_why(array $entry, string $field, string $sentence): void
    {
        $entry['lines'] = array_map(fn (array $line): array => ['line' => $this->line] + $line, $entry['lines'] ?? []);
        $field = str_replace('LINE', (string) $this->line, $field);

        foreach (['/refunds/trial', '/refunds'] as $path) {
            $errors = $this->ask($path, $entry + ['act' => 'the-first-act', 'shown' => '1.00'])->assertUnprocessable()->json('errors');
            self::assertSame($sentence, is_array($errors) && is_array($errors[$field] ?? null) ? $errors[$field][0] : null);
        }
        self::assertSame(0, Refund::query()->count());
    }

    /** @return iterable<string, array{array{by?: string, lines?: list<array<string, mixed>>, shipping?: string, amount?: string, reason?: string}, string, string}> */
    public static function refusals(): iterable
    {
        yield 'nothing' => [['by' => 'goods', 'lines' => [], 'shipping' => ''], 'what', 'Choose what is given back: at least one piece, or an amount above nothing.'];
        yield 'no number' => [['by' => 'goods', 'lines' => [['pieces' => '٣']]], 'lines.LINE', 'Enter a whole number of pieces.'];
        yield 'more than there are' => [['by' => 'goods', 'lines' => [['pieces' => '4']]], 'lines.LINE', 'Only 3 pieces can still be given back.'];
        yield 'more shipping than was paid' => [['by' => 'goods', 'shipping' => '3.91'], 'shipping', 'Of shipping, €3.90 can still be given back.'];
        yield 'more than was paid' => [['by' => 'amount', 'amount' => '33.31', 'reason' => 'x'], 'amount', 'Only €33.30 can still be given back.'];
    }

    public function test_a_provider_that_declines_leaves_the_money_to_be_given_back_and_tells_the_seller_alone(): void
    {
        $this->provider->refunds = RefundState::Declined;
        $this->refund($this->goods('1', ''), '9.80');
        $this->payBack();

        $this->getJson($this->address(''))->assertJsonPath('refunds.0.label', 'Declined by the provider')->assertJsonPath('refundable.lines.0.pieces', 3)->assertJsonPath('money.label', 'Paid');
        self::assertSame([[], 0], [$this->told(), $this->payment()->refunded_minor]);
        self::assertStringContainsString('declined to give €9.80 of order 1001 back', $this->payment()->refusals()->sole()->reason);
    }

    public function test_a_provider_that_takes_its_time_is_asked_again_and_told_of(): void
    {
        $this->provider->refunds = RefundState::Pending;
        $this->refund($this->goods('1', ''), '9.80');
        $this->payBack();
        self::assertSame([], $this->told());
        $this->travel(6)->minutes();
        self::assertStringContainsString('One refund has not been made yet', implode(' ', app(Troubles::class)->of($this->shop)));

        $this->provider->refunds = RefundState::Done;
        $this->payBack();
        self::assertCount(1, $this->told());
        self::assertSame([], app(Troubles::class)->of($this->shop));
    }

    public function test_a_paid_order_is_cancelled_and_paid_back_in_one_act(): void
    {
        $this->refund($this->goods('1', ''), '9.80');
        $this->payBack();

        $this->getJson($this->address(''))->assertJsonPath('cancelling.back.shown', '€23.50');
        $this->ask('/cancel', ['shown' => '33.30', 'is_restocked' => true])->assertUnprocessable()->assertJsonPath('errors.what.0', 'This order was changed meanwhile: €23.50 would be given back now. Nothing was done yet; look at it again.');
        $this->ask('/cancel', ['shown' => '23.50', 'is_restocked' => true])->assertOk()->assertJsonPath('goods.label', 'Cancelled')->assertJsonPath('next', [])->assertJsonPath('cancelling', null);
        $this->ask('/cancel', ['shown' => '23.50', 'is_restocked' => true])->assertOk();
        $this->payBack();

        // The jar that went back before did not go back to the stock.
        self::assertSame([MoneyState::Refunded, 3330, 9], [$this->order->refresh()->money_state, $this->payment()->refunded_minor, $this->honey->refresh()->stock]);
        self::assertSame(1, Message::query()->where(['order_id' => $this->order->id, 'kind' => MessageKind::Cancelled])->count());
        self::assertCount(2, $this->told());
    }

    public function test_an_order_whose_money_is_held_is_cancelled_by_letting_it_go(): void
    {
        $held = $this->held($this->shop, $this->honey, 1);
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/orders/{$held->number}"))->assertJsonPath('cancelling.sentence', '€13.70 that is held for you is let go. The shopper is told by mail. This can’t be taken back.')->assertJsonPath('refundable', null);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/{$held->number}/cancel"), ['shown' => '0.00', 'is_restocked' => true])->assertOk()->assertJsonPath('money.label', 'Held, not taken yet');
        $this->capture($held);
        $this->release($held);
        $this->release($held);

        self::assertSame([MoneyState::Voided, ["void {$this->paymentOf($held)->reference}", "void {$this->paymentOf($held)->reference}"], 0], [$held->refresh()->money_state, $this->provider->asked, Refund::query()->count()]);
        self::assertStringContainsString('Nothing was taken from you', Message::query()->where(['order_id' => $held->id, 'kind' => MessageKind::Cancelled])->sole()->text);
        self::assertSame(7, $this->honey->refresh()->stock);
    }

    public function test_money_that_was_taken_while_the_order_was_cancelled_goes_back(): void
    {
        $held = $this->held($this->shop, $this->honey, 1);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/{$held->number}/cancel"), ['shown' => '0.00', 'is_restocked' => false])->assertOk();
        $this->provider->wasCaptured = true;
        $this->release($held);
        $this->release($held);
        $this->payBack();

        self::assertSame([MoneyState::Refunded, 1370, 1370], [$held->refresh()->money_state, $this->paymentOf($held)->captured_minor, $this->paymentOf($held)->refunded_minor]);
    }

    public function test_an_order_that_has_left_can_not_be_cancelled(): void
    {
        $this->order->update(['goods_state' => GoodsState::Sent]);

        $this->getJson($this->address(''))->assertJsonPath('cancelling', null);
        $this->ask('/cancel', ['shown' => '33.30', 'is_restocked' => true])->assertUnprocessable()->assertJsonPath('errors.what.0', 'The goods of this order are sent, so that it can’t be cancelled any more; give money back instead.');
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/goods"), ['numbers' => [1001], 'to' => 'cancelled', 'carrier' => '', 'tracking' => ''])->assertUnprocessable();
    }

    public function test_pieces_that_were_never_on_the_shelf_do_not_come_back_to_it(): void
    {
        $short = $this->product($this->shop, ['stock' => 1, 'allows_back_order' => true]);
        $order = $this->paid($this->shop, $short, 3);
        self::assertSame([0, 2], [$short->refresh()->stock, $order->lines()->sole()->back_ordered]);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}/cancel"), ['shown' => '33.30', 'is_restocked' => true])->assertOk();

        self::assertSame([1, 0], [$short->refresh()->stock, $order->lines()->sole()->back_ordered]);
    }

    /** Tax on top and in the prices: whatever the steps, all of both goes back in the end, to the unit. */
    #[DataProvider('taxes')]
    public function test_tax_and_discount_go_back_with_what_they_belong_to(bool $areContained): void
    {
        $rules = $this->shop->rules();
        $this->shop->update(['rules' => new ShopRules($rules->currency, $rules->timezone, new TaxRates($areContained, ['GB' => ['standard' => Percentage::fromEntry('23')]]), 'standard', $rules->zones)]);
        $this->shop->coupons()->create(['code' => 'BLOSSOM', 'kind' => CouponKind::Percent, 'percent' => '7']);
        $order = $this->paid($this->shop->refresh(), $this->honey, 3, 'BLOSSOM');
        $address = $this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}");
        $line = $order->lines()->sole()->id;
        self::assertGreaterThan(0, min($order->discount_minor, $order->tax_minor));

        $steps = [['by' => 'goods', 'lines' => [['line' => $line, 'pieces' => '1']]], ['by' => 'amount', 'amount' => '1.01', 'reason' => 'Late.'], ['by' => 'goods', 'lines' => [['line' => $line, 'pieces' => '1']], 'shipping' => '1.00']];
        foreach ($steps as $i => $step) {
            $shown = $this->postJson("{$address}/refunds/trial", $step)->assertOk()->json('amount.decimal');
            $this->postJson("{$address}/refunds", $step + ['act' => "the-act-{$i}", 'shown' => $shown, 'is_restocked' => false])->assertOk();
        }
        $left = $this->getJson($address)->json('cancelling.back.decimal');
        $this->postJson("{$address}/cancel", ['shown' => $left, 'is_restocked' => true])->assertOk();
        $this->payBack();

        $sums = DB::table('refund_lines')->join('refunds', 'refunds.id', '=', 'refund_lines.refund_id')->where('order_id', $order->id)
            ->selectRaw('CAST(SUM(refund_lines.tax_minor) AS SIGNED) AS tax, CAST(SUM(discount_minor) AS SIGNED) AS discount, CAST(SUM(IF(order_line_id IS NULL, net_minor, 0)) AS SIGNED) AS shipping')->first();
        self::assertEquals((object) ['tax' => $order->tax_minor, 'discount' => $order->discount_minor, 'shipping' => $order->shipping_minor], $sums);
        self::assertSame([$order->total_minor, MoneyState::Refunded], [$this->paymentOf($order)->refunded_minor, $order->refresh()->money_state]);
    }

    /** @return iterable<string, array{bool}> */
    public static function taxes(): iterable
    {
        yield 'in the prices' => [true];
        yield 'on top' => [false];
    }

    public function test_a_note_is_kept_and_the_second_of_two_is_told(): void
    {
        $this->putJson($this->address('/note'), ['note' => " Rang twice.\r\nBack on Monday ", 'version' => 1])->assertOk()->assertJsonPath('note', "Rang twice.\nBack on Monday")->assertJsonPath('version', 2);
        $this->putJson($this->address('/note'), ['note' => 'Mine', 'version' => 1])->assertConflict();
        $this->putJson($this->address('/note'), ['note' => str_repeat('ü', 2_001), 'version' => 2])->assertUnprocessable()->assertJsonPath('errors.note.0', 'The note has 2001 characters; shorten it to 2000.');
        $this->putJson($this->address('/note'), ['note' => '<script>alert(1)</script>', 'version' => 2])->assertOk();
        $this->putJson($this->address('/note'), ['note' => '', 'version' => 3])->assertOk()->assertJsonPath('note', '');
    }

    public function test_a_packing_slip_shows_what_is_in_the_parcel_and_no_price(): void
    {
        $this->order->update(['comment' => '<b>Ring</b>', 'note' => 'For us alone']);
        $this->refund($this->goods('1', ''), '9.80');
        $page = (string) $this->get($this->console("/sheets/{$this->shop->slug}/slips?orders=1001,1999,x"))->assertOk()->getContent();

        self::assertStringContainsString('<td class="pieces">2</td>', $page);
        self::assertStringContainsString('&lt;b&gt;Ring&lt;/b&gt;', $page);
        self::assertStringNotContainsString('€', $page);
        self::assertStringNotContainsString('For us alone', $page);
        self::assertSame(1, substr_count($page, 'class="slip"'));
    }

    public function test_only_the_shops_own_people_give_back_cancel_note_and_print(): void
    {
        $this->actingAs($this->person($this->shop()));
        foreach (['/refunds/trial', '/refunds', '/cancel'] as $path) {
            $this->ask($path, $this->goods('1', '') + ['act' => 'the-first-act', 'shown' => '9.80', 'is_restocked' => true])->assertNotFound();
        }
        $this->putJson($this->address('/note'), ['note' => 'x'])->assertNotFound();
        $this->get($this->console("/sheets/{$this->shop->slug}/slips?orders=1001"))->assertNotFound();
    }

    /** @return array{by: string, lines: list<array{line: int, pieces: string}>, shipping: string, amount: string, reason: string} */
    private function goods(string $pieces, string $shipping): array
    {
        return ['by' => 'goods', 'lines' => [['line' => $this->line, 'pieces' => $pieces]], 'shipping' => $shipping, 'amount' => '', 'reason' => ''];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function refund(array $entry, string $shown, array $with = [], string $act = 'the-first-act'): TestResponse
    {
        return $this->ask('/refunds', $with + $entry + ['act' => $act, 'shown' => $shown, 'is_restocked' => false]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function ask(string $path, array $body): TestResponse
    {
        return $this->postJson($this->address($path), $body);
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/orders/1001{$path}");
    }

    private function payment(): Payment
    {
        return $this->paymentOf($this->order);
    }

    /** What the queue does. */
    private function payBack(): void
    {
        foreach (Refund::query()->get() as $refund) {
            (new PayBack($refund->id))->withFakeQueueInteractions()->handle($this->provider, app(SettleRefund::class));
        }
    }

    private function capture(Order $order): void
    {
        app()->call([new CapturePayment($this->paymentOf($order)->id), 'handle']);
    }

    private function release(Order $order): void
    {
        app()->call([new ReleasePayment($this->paymentOf($order)->id), 'handle']);
    }

    /** @return list<string> */
    private function told(): array
    {
        /** @var list<string> */
        return Message::query()->where('kind', MessageKind::Refunded)->where('shop_id', $this->shop->id)->orderBy('id')->pluck('text')->all();
    }
}
