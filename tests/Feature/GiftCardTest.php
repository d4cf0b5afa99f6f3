<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Erasing\Erase;
use App\GiftCards\SendDueCards;
use App\Messages\FillInCard;
use App\Models\CardMovement;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\GiftCard;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Product;
use App\Models\Refund;
use App\Models\Shop;
use App\Payments\SettlePayment;
use App\Refunds\SettleRefund;
use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\ProductKind;
use PaperKite\GiftCard\CardCode;
use PaperKite\GiftCard\MovementKind;
use PaperKite\Order\MoneyState;
use PaperKite\Payment\ProviderState;
use PaperKite\Payment\RefundState;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\FakeProvider;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** Gift cards are bought for somebody, pay in part or whole, and what goes back finds its way. */
final class GiftCardTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    private Product $honey;

    private string $visitor = '';

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey', 'price_minor' => 1000, 'stock' => 100]);
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_card_is_bought_for_somebody_and_its_code_stands_in_nothing_that_is_kept(): void
    {
        $this->product($this->shop, ['sku' => 'card', 'name' => 'Gift card', 'kind' => ProductKind::GiftCard, 'price_minor' => 2500, 'suggested' => [2500, 5000], 'most_minor' => 10_000]);
        $checkout = (string) $this->visit('/take/card=40.00?to=pay')->assertStatus(303)->headers->get('Location');
        $page = $this->visit($checkout)->assertOk()->assertSee('Who gets it')->assertDontSee('Street and number')->assertDontSee('Use a gift card');
        $line = (int) (preg_match('/name="gift\[(\d+)\]\[0\]\[name\]"/', (string) $page->getContent(), $found) === 1 ? $found[1] : 0);
        $gift = ['name' => 'Orla', 'email' => 'not an address', 'message' => "For the bees.\nYours", 'day' => ''];
        $this->pay($checkout, ['email' => 'ada@letters.example', 'gift' => [$line => [$gift]]])->assertStatus(422)->assertSee('value="not an address"', false)->assertSee('Orla');
        $this->pay($checkout, ['email' => 'ada@letters.example', 'gift' => [$line => [['day' => '2001-01-01'] + $gift]]])->assertStatus(422)->assertSee('This address');
        $this->pay($checkout, ['email' => 'ada@letters.example', 'gift' => [$line => [['email' => 'orla@letters.example'] + $gift]]])->assertStatus(303);
        app(SettlePayment::class)($payment = Checkout::query()->where('shop_id', $this->shop->id)->sole()->payments()->sole(), FakeProvider::statement($payment, ProviderState::Authorised));

        $card = GiftCard::query()->where('shop_id', $this->shop->id)->sole();
        self::assertSame([4000, 4000, 'Orla', "For the bees.\nYours"], [$card->value_minor, $card->balance_minor, $card->to_name, $card->message]);
        $mail = Message::query()->where(['order_id' => $card->line->order_id, 'kind' => MessageKind::GiftCard])->sole();
        self::assertSame('orla@letters.example', $mail->to);
        $code = (string) $card->code;
        self::assertStringContainsString(CardCode::read($code)?->shown() ?? 'none', FillInCard::into($mail->load('shop')));
        foreach (['messages', 'gift_cards', 'card_movements', 'checkouts', 'orders', 'order_lines'] as $table) {
            self::assertStringNotContainsString($code, (string) json_encode(DB::table($table)->get()), $table);
        }
        self::assertSame(1, $card->showings()->where('how', 'mailed')->count());
        $this->visit($card->pagePath())->assertOk()->assertSee('For Orla')->assertSee(CardCode::read($code)?->shown() ?? 'none')->assertSee('€40.00');
        self::assertSame(1, $card->showings()->where('how', 'page')->count());
    }

    public function test_two_of_them_are_two_pieces_two_people_and_two_lines_of_the_order(): void
    {
        $this->product($this->shop, ['sku' => 'card', 'name' => 'Gift card', 'kind' => ProductKind::GiftCard, 'price_minor' => 2500, 'most_minor' => 9000]);
        $checkout = (string) $this->visit('/take/2*card=20.00?to=pay')->headers->get('Location');
        $page = (string) $this->visit($checkout)->assertOk()->assertSee('Who gets card 2')->assertSee('€40.00')->getContent();
        $line = (int) (preg_match('/name="gift\[(\d+)\]\[1\]\[name\]"/', $page, $found) === 1 ? $found[1] : 0);
        $this->visit('/')->assertSee('Choose of Gift card')->assertDontSee('Give to');
        $this->pay($checkout, ['email' => 'ada@letters.example', 'quantity' => [$line => '2'], 'gift' => [$line => [['name' => 'Orla'], ['name' => 'Jonas', 'email' => 'jonas@letters.example']]]])->assertStatus(303);
        $payment = Checkout::query()->where('shop_id', $this->shop->id)->sole()->payments()->sole();
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));

        self::assertSame([['Orla', '', 2000], ['Jonas', 'jonas@letters.example', 2000]], GiftCard::query()->where('shop_id', $this->shop->id)->orderBy('id')->get()->map(static fn (GiftCard $card): array => [$card->to_name, $card->to_email, $card->value_minor])->all());
        $order = Order::query()->where('shop_id', $this->shop->id)->sole();
        self::assertSame([[1, 2000], [1, 2000]], $order->lines->map(static fn (OrderLine $each): array => [$each->quantity, $each->subtotal_minor])->all());
        self::assertSame(0, Cart::query()->where('ref', basename($checkout))->firstOrFail()->lines()->count());
    }

    public function test_it_is_sent_on_its_day_by_the_shops_clock_and_once(): void
    {
        $card = $this->giftCard($this->shop, 2500);
        Message::query()->where('kind', MessageKind::GiftCard)->delete();
        $card->update(['send_on' => now()->addDays(3)->toDateString(), 'sent_at' => null]);
        $send = fn (): int => app(SendDueCards::class)();
        self::assertSame(0, $send());
        $this->travel(73)->hours();
        self::assertSame([1, 0], [$send(), $send()]);
        self::assertSame(1, Message::query()->where(['order_id' => $card->line->order_id, 'kind' => MessageKind::GiftCard])->count());
    }

    public function test_of_a_checkout_that_came_to_nothing_nobody_is_known_after_a_month(): void
    {
        $card = $this->product($this->shop, ['sku' => 'card', 'kind' => ProductKind::GiftCard, 'price_minor' => 2500]);
        $kept = [$this->openedCheckout($this->shop, $card, 1, amount: 2500, gift: ['name' => 'Orla', 'email' => 'orla@letters.example', 'message' => 'For the bees.']), $this->openedCheckout($this->shop, $card, 1, amount: 2500, gift: ['name' => 'Orla', 'email' => ''])];
        $this->travel(29)->days();
        app(Erase::class)();
        self::assertSame('orla@letters.example', $kept[0]->refresh()->bill->lines[0]->gift?->email);
        $this->travel(2)->days();
        app(Erase::class)();
        foreach ($kept as $checkout) {
            self::assertDoesNotMatchRegularExpression('/Orla|orla@|ada@|bees\./', (string) json_encode(DB::table('checkouts')->where('id', $checkout->id)->value('bill')));
            self::assertSame([2500, 'gift_card'], [$checkout->refresh()->bill->totalMinor(), $checkout->bill->lines[0]->kind->value]);
        }
    }

    #[DataProvider('amounts')]
    public function test_only_values_that_are_offered_can_be_had_unless_any_may_be(?int $most, string $link, int $status): void
    {
        $this->product($this->shop, ['sku' => 'card', 'kind' => ProductKind::GiftCard, 'price_minor' => 2500, 'suggested' => [1000, 5000], 'most_minor' => $most]);
        $this->visit("/take/card{$link}?to=pay")->assertStatus($status);
        $page = $this->visit('/p/card')->assertOk();
        $most === null ? $page->assertDontSee('Another amount') : $page->assertSee('Another amount');
    }

    /** @return iterable<string, array{int|null, string, int}> */
    public static function amounts(): iterable
    {
        yield 'one that is offered' => [null, '=50.00', 303];
        yield 'the usual one' => [null, '=25.00', 303];
        yield 'another one' => [null, '=33.00', 404];
        yield 'any up to one' => [9000, '=33.00', 303];
        yield 'more than that' => [9000, '=90.01', 404];
    }

    public function test_a_card_pays_a_part_and_two_pay_all_without_a_provider(): void
    {
        [$small, $large] = [$this->giftCard($this->shop, 600), $this->giftCard($this->shop, 5000)];
        $this->provider->asked = [];
        $checkout = (string) $this->visit('/take/honey?to=pay')->headers->get('Location');
        $this->visit($checkout)->assertOk()->assertSee('Use a gift card');
        $address = ['email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '1 Row', 'town' => 'Tarn', 'country' => 'IE'];
        $this->pay($checkout, $address + ['card' => CardCode::read((string) $small->code)?->shown() ?? ''], 'apply')->assertStatus(303);
        $this->visit($checkout)->assertSee('Card ending in '.$small->tail)->assertSee('−€6.00')->assertSee('Pay €7.90');
        $this->pay($checkout, $address + ['card' => strtolower((string) $large->code)], 'apply')->assertStatus(303);
        $this->visit($checkout)->assertSee('−€13.90')->assertSee('€42.10 stays on it');
        $this->pay($checkout, $address)->assertStatus(303);

        $order = Order::query()->where('shop_id', $this->shop->id)->latest('id')->firstOrFail();
        self::assertSame([1390, 0, 1390, 0, MoneyState::Paid], [$order->total_minor, $order->due_now_minor, $order->gift_cards_minor, $order->later_minor, $order->money_state]);
        self::assertSame([], $this->provider->asked, 'A provider was asked for nothing.');
        self::assertSame([0, 4210], [$small->refresh()->balance_minor, $large->refresh()->balance_minor]);
        self::assertSame([null, false], [$small->getRawOriginal('code'), $large->getRawOriginal('code') === null]);
        $this->visit("/thanks/{$order->token}")->assertOk()->assertSee('−€13.90');
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}"))->assertOk()->assertJsonPath('bill.cards.shown', '€13.90')
            ->assertJsonPath('gift_cards.0.tail', $small->tail)->assertJsonPath('gift_cards.0.label', 'Used')->assertJsonPath('gift_cards.0.amount.shown', '€6.00')->assertJsonPath('gift_cards.1.id', $large->id)->assertJsonPath('gift_cards.1.is_off', true);
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/orders/{$large->line->order->number}"))->assertJsonPath('gift_cards.0.label', 'Sold')->assertJsonPath('gift_cards.0.amount.shown', '€50.00')->assertJsonCount(1, 'gift_cards');
    }

    public function test_what_goes_back_goes_to_the_provider_first_and_then_to_the_cards_the_last_first(): void
    {
        [$first, $second] = [$this->giftCard($this->shop, 500), $this->giftCard($this->shop, 700)];
        $order = $this->paidByCards($this->shop, $this->honey, 2, [$first, $second]);
        self::assertSame([1200, $order->total_minor - 1200], [$order->gift_cards_minor, $order->due_now_minor]);
        $this->give($order, $this->decimal($order->due_now_minor + 100))->assertOk();
        self::assertSame([0, 0], [$first->refresh()->balance_minor, $second->refresh()->balance_minor], 'The provider has not answered yet.');
        $refund = Refund::query()->where('order_id', $order->id)->sole();
        self::assertSame([$order->due_now_minor, RefundState::Pending], [$refund->payment_minor, $refund->state]);
        app(SettleRefund::class)($refund, RefundState::Done);
        self::assertSame([0, 100], [$first->refresh()->balance_minor, $second->refresh()->balance_minor]);

        $this->give($order, '8.00')->assertOk();
        self::assertSame([200, 700], [$first->refresh()->balance_minor, $second->refresh()->balance_minor]);
        self::assertSame(MoneyState::PartlyRefunded, $order->refresh()->money_state);
        $this->give($order, '3.00')->assertOk();
        self::assertSame([500, 700, MoneyState::Refunded], [$first->refresh()->balance_minor, $second->refresh()->balance_minor, $order->refresh()->money_state]);
        $this->give($order, '0.01')->assertStatus(422);
    }

    public function test_a_sold_card_is_given_back_up_to_its_balance_which_ends_it_unless_the_provider_declines(): void
    {
        $card = $this->giftCard($this->shop, 3000);
        $this->paidByCards($this->shop, $this->honey, 1, [$card]);
        $order = $card->line->order;
        $left = $card->refresh()->balance_minor;
        $api = $this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}");
        $this->getJson($api)->assertJsonPath('refundable.lines.0.amount.decimal', $this->decimal($left));
        $goods = ['by' => 'goods', 'lines' => [['line' => $card->order_line_id, 'pieces' => '1']], 'shipping' => '', 'amount' => '', 'reason' => '', 'act' => 'card-back-1', 'is_restocked' => false];
        $this->postJson("{$api}/refunds", $goods + ['shown' => '30.00'])->assertStatus(422);
        $this->postJson("{$api}/refunds", $goods + ['shown' => $this->decimal($left)])->assertOk();
        self::assertSame([0, 'Given back', null], [$card->refresh()->balance_minor, $card->void_reason, $card->getRawOriginal('code')]);
        app(SettleRefund::class)(Refund::query()->where('order_id', $order->id)->sole(), RefundState::Declined);
        self::assertSame([$left, null], [$card->refresh()->balance_minor, $card->voided_at]);
        $this->getJson($api)->assertJsonPath('refundable.lines.0.amount.decimal', $this->decimal($left));
    }

    public function test_cancelling_what_was_only_held_puts_money_back_on_the_card_and_ends_cards_that_were_bought(): void
    {
        $card = $this->giftCard($this->shop, 400);
        $payment = $this->opened($this->shop, $this->honey, 1, cards: [$card->refresh()]);
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));
        $order = Order::query()->where('checkout_id', $payment->checkout_id)->sole();
        self::assertSame(0, $card->refresh()->balance_minor);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}/cancel"), ['shown' => '0.00', 'is_restocked' => true])->assertOk();
        self::assertSame(400, $card->refresh()->balance_minor);
    }

    public function test_a_card_that_has_less_on_it_by_then_voids_the_payment_and_tells_the_shopper(): void
    {
        $card = $this->giftCard($this->shop, 500);
        $payment = $this->opened($this->shop, $this->honey, 1, cards: [$card->refresh()]);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/gift-cards/{$card->id}/void"), ['reason' => 'Lost and found'])->assertOk()->assertJsonPath('card.state', 'void')->assertJsonPath('void_reason', 'Lost and found');
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));

        self::assertSame(CheckoutState::CardShort, Checkout::query()->findOrFail($payment->checkout_id)->state);
        self::assertSame(0, Order::query()->where('checkout_id', $payment->checkout_id)->count());
        $this->visit('/return/'.Checkout::query()->findOrFail($payment->checkout_id)->reference)->assertOk()->assertSee('The gift card has less on it now');
        self::assertSame([MovementKind::Issued, MovementKind::Voided], $card->movements()->get()->map(static fn (CardMovement $movement): MovementKind => $movement->kind)->all());
    }

    public function test_the_ledger_is_added_up_by_the_database_and_stays_as_it_is(): void
    {
        $card = $this->giftCard($this->shop, 500);
        $move = static fn (int $minor, string $kind): bool => DB::table('card_movements')->insert(['gift_card_id' => $card->id, 'kind' => $kind, 'amount_minor' => $minor, 'order_id' => random_int(1_000_000, 9_000_000), 'refund_id' => 0, 'at' => now()]);
        $move(-499, 'redeemed');
        self::assertSame(1, $card->refresh()->balance_minor);
        foreach ([static fn () => $move(-2, 'redeemed'), static fn () => $move(5, 'redeemed'), static fn () => DB::table('card_movements')->where('gift_card_id', $card->id)->update(['amount_minor' => 1]), static fn () => DB::table('gift_cards')->where('id', $card->id)->update(['balance_minor' => -1])] as $refused) {
            self::assertTrue($this->isRefused($refused));
            self::assertSame(500 - 499, GiftCard::query()->whereKey($card->id)->value('balance_minor'));
        }
    }

    /** @param  Closure(): mixed  $act */
    private function isRefused(Closure $act): bool
    {
        try {
            DB::transaction($act);

            return false;
        } catch (QueryException) {
            return true;
        }
    }

    public function test_made_up_codes_find_nothing_and_a_wrong_one_reads_like_an_empty_one(): void
    {
        $empty = $this->giftCard($this->shop, 500);
        $code = (string) $empty->code;
        $this->paidByCards($this->shop, $this->honey, 1, [$empty]);
        self::assertSame(0, $empty->refresh()->balance_minor);
        $wrong = $this->check('0000-0000-0000-0000')->assertStatus(422)->getContent();
        $of = static fn (string|false $page, string $typed): string => str_replace(e($typed), '', (string) $page);
        self::assertSame($of($wrong, '0000-0000-0000-0000'), $of($this->check($code)->assertStatus(422)->getContent(), $code));

        $chance = new Randomizer(new Mt19937(20260420));
        for ($i = 0; $i < (int) (getenv('KITE_MADE_UP') ?: 500); $i++) {
            Cache::flush();
            $this->check(CardCode::random($chance)->text)->assertStatus(422);
        }
    }

    public function test_codes_are_tried_so_often_and_no_more(): void
    {
        $card = $this->giftCard($this->shop, 500);
        for ($i = 0; $i < 40; $i++) {
            $this->check('wrong')->assertStatus(422);
        }
        $this->check((string) $card->code)->assertStatus(429)->assertSee('wait ten minutes');
        $this->travel(11)->minutes();
        $this->check((string) $card->code)->assertOk()->assertSee("On the card ending in {$card->tail}: €5.00.");
    }

    public function test_the_console_finds_cards_by_what_stands_on_them_and_another_shop_finds_none(): void
    {
        $card = $this->giftCard($this->shop, 2500);
        $card->update(['to_name' => 'Ōrla Fïnn', 'to_email' => 'orla@letters.example']);
        $this->giftCard($this->shop, 900);
        $api = $this->console("/api/shops/{$this->shop->slug}/gift-cards");
        foreach (['Ōrla', 'orla@', $card->tail, (string) $card->code, (string) $card->line->order->number] as $typed) {
            $this->getJson("{$api}?search=".rawurlencode($typed))->assertOk()->assertJsonPath('items.0.id', $card->id);
        }
        $this->getJson("{$api}?search=100%25")->assertJsonCount(0, 'items');
        $this->getJson("{$api}?state=void")->assertJsonCount(0, 'items')->assertJsonPath('states.0.count', 2);
        $this->postJson("{$api}/{$card->id}/send", [], ['Idempotency-Key' => 'send-card-1'])->assertOk()->assertJsonPath('showings.0.label', 'Mailed')->assertJsonMissing([(string) $card->code]);
        $this->postJson("{$api}/{$card->id}/print")->assertOk()->assertJsonPath('address', $this->shop->base().$card->pagePath());
        $this->postJson("{$api}/{$card->id}/void", ['reason' => ' '])->assertStatus(422);

        $other = $this->shop();
        $this->actingAs($this->person($other));
        $theirs = $this->console("/api/shops/{$other->slug}/gift-cards");
        $this->getJson("{$theirs}/{$card->id}")->assertNotFound();
        $this->getJson("{$theirs}?search=".$card->code)->assertJsonCount(0, 'items');
        $this->post("{$other->base()}/card", ['card' => (string) $card->code], ['Origin' => $other->base()])->assertStatus(422);
        $this->get("{$other->base()}{$card->pagePath()}")->assertNotFound();
    }

    /** @return TestResponse<Response> */
    private function give(Order $order, string $amount): TestResponse
    {
        return $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}/refunds"), ['by' => 'amount', 'lines' => [], 'shipping' => '', 'amount' => $amount, 'reason' => 'As agreed', 'act' => 'give-'.str_replace('.', '-', $amount), 'shown' => $amount, 'is_restocked' => false]);
    }

    /** @return TestResponse<Response> */
    private function check(string $code): TestResponse
    {
        return $this->post("{$this->shop->base()}/card", ['card' => $code], ['Origin' => $this->shop->base()]);
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<Response>
     */
    private function pay(string $checkout, array $form, string $button = 'pay'): TestResponse
    {
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $this->visit($checkout)->getContent(), $found);

        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post("{$this->shop->base()}{$checkout}", $form + ['digest' => $found[1] ?? '', $button => '1'], ['Origin' => $this->shop->base()]);
    }

    /** @return TestResponse<Response> */
    private function visit(string $path): TestResponse
    {
        $answer = $this->withUnencryptedCookies($this->visitor === '' ? [] : ['kite_visitor' => $this->visitor])->get("{$this->shop->base()}{$path}");
        $this->visitor = $answer->getCookie('kite_visitor', false)?->getValue() ?? $this->visitor;

        return $answer;
    }

    private function decimal(int $minor): string
    {
        return $this->shop->money($minor)->decimal();
    }
}
