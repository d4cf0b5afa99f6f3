<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Fulfilment\TellMovedDates;
use App\Models\Cart;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Offer;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\OfferForm;
use App\Payments\SettlePayment;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Payment\ProviderState;
use PaperKite\Quote\ShopRules;
use Tests\Support\FakeProvider;
use Tests\TestCase;

/** A course with seats: on two dates, each with a place of its own, or on one; who comes is asked. */
final class CourseTest extends TestCase
{
    private Shop $shop;

    private Product $course;

    private string $visitor = '';

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->travelTo('2026-03-01 12:00:00');
        $this->shop = $this->shop(['name' => 'Mosslight']);
        $this->course = $this->product($this->shop, ['sku' => 'skep', 'name' => 'Skep making', 'kind' => ProductKind::Service, 'price_minor' => 4500, 'stock' => 5, 'begins_at' => '2026-03-14 09:00:00', 'ends_at' => '2026-03-14 12:00:00', 'place' => 'Weir Cottage', 'asks_attendees' => true]);
    }

    public function test_seats_are_booked_by_mail_alone_with_a_name_for_each_and_nothing_is_sent(): void
    {
        $checkout = $this->toCheckout('2*skep');
        $page = (string) $this->visit($checkout)->assertOk()->assertSee('14 Mar 2026, 09:00 to 12:00, Weir Cottage')->assertSee('Who comes, seat 2')->assertDontSee('Street and number')->assertDontSee('Shipping')->getContent();
        self::assertSame(2, substr_count($page, 'class="field line-attendee"'));

        // One name is missing: what was typed stays.
        $this->submit($checkout, $page, ['Ada', ' '])->assertStatus(422)->assertSee('Say who comes: a name for each seat.')->assertSee('value="Ada"', false);
        self::assertSame(0, Payment::query()->where('shop_id', $this->shop->id)->count());

        $order = $this->paid($checkout, $page, ['Ada', 'דבש <b>']);
        self::assertSame([['Ada', 'דבש <b>'], '2026-03-14 09:00', 'Weir Cottage', 9000, 3], [$order->lines->sole()->attendees, $order->lines->sole()->begins_at?->format('Y-m-d H:i'), $order->lines->sole()->place, $order->total_minor, $this->course->refresh()->stock]);
        $this->visit("/thanks/{$order->token}")->assertSee('14 Mar 2026, 09:00 to 12:00, Weir Cottage')->assertSee('Ada, דבש <b>')->assertSee('Add to your calendar');
        $mail = Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::Confirmation])->sole()->text;
        self::assertStringContainsString("2 × Skep making: €90.00\n    14 Mar 2026, 09:00 to 12:00, Weir Cottage", $mail);
        self::assertStringContainsString("Who comes to Skep making: Ada, דבש <b>\n\nFor your calendar: {$this->shop->base()}/thanks/{$order->token}/calendar.ics", $mail);
        $this->signIn()->getJson($this->api("orders/{$order->number}"))->assertJsonPath('bill.lines.0.attendees', ['Ada', 'דבש <b>'])->assertJsonPath('bill.lines.0.when', '14 Mar 2026, 09:00 to 12:00, Weir Cottage');
        self::assertStringContainsString('"Ada; דבש <b>"', $this->get($this->console("/sheets/{$this->shop->slug}/orders.csv"))->streamedContent());
        $this->get($this->console("/sheets/{$this->shop->slug}/slips?orders={$order->number}"))->assertSee('Ada, דבש <b>')->assertSee('Weir Cottage');
    }

    public function test_a_change_of_the_number_of_seats_keeps_the_names_that_are_typed(): void
    {
        $checkout = $this->toCheckout('3*skep');
        $line = Cart::query()->where('shop_id', $this->shop->id)->sole()->lines()->sole();
        $change = fn (string $seats, array $names): TestResponse => $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post($this->at($checkout), ['quantity' => [$line->id => $seats], 'attendee' => [$line->id => $names], 'update' => '1', 'email' => ''], ['Origin' => $this->shop->base()])->assertStatus(303);

        $change('1', ['Ada', 'Bo', 'Cy']);
        $this->visit($checkout)->assertSee('value="Ada"', false)->assertDontSee('value="Bo"', false);
        $change('3', ['Ada']);
        $this->visit($checkout)->assertSee('value="Bo"', false)->assertSee('value="Cy"', false);
        // A name for a seat that is not there, and more letters than anybody has.
        $change('3', [0 => str_repeat('ü', 5000), 7 => 'Nobody']);
        self::assertSame([240, 'Bo', 'Cy'], [mb_strlen(($line->refresh()->attendees ?? [])[0] ?? ''), ...array_slice($line->attendees ?? [], 1)]);
    }

    public function test_each_variant_has_its_own_date_and_place_and_a_past_one_can_not_be_booked(): void
    {
        $this->inVariants();
        $this->visit('/p/skep')->assertSee('2 Mar 2026, 09:00, Weir Cottage')->assertSee('11 Apr 2026, 09:00 to 11:00, Long Barn');
        DB::table('shop_phrases')->insert(['shop_id' => $this->shop->id, 'language' => 'en', 'phrase' => 'event.from_to', 'text' => '{begins} bis {ends}']);
        $this->visit('/p/skep')->assertSee('11 Apr 2026, 09:00 bis 11:00, Long Barn');
        DB::table('shop_phrases')->where('shop_id', $this->shop->id)->delete();
        $this->travelTo('2026-03-02 09:00:00');

        $this->visit('/p/skep')->assertSee('This date has passed.');
        $this->add('March')->assertStatus(422)->assertSee('This date has passed; choose another.');
        $this->add('April')->assertStatus(303);
        $this->visit('/take/skep-march?to=cart')->assertOk()->assertSee('Sold out');
        $this->travelTo('2026-04-11 09:00:01');
        $this->visit('/cart')->assertSee('11 Apr 2026, 09:00 to 11:00, Long Barn');
        $this->visit('/checkout/'.Cart::query()->where('shop_id', $this->shop->id)->sole()->ref)->assertSee('This date has passed; remove it to go on.');
    }

    public function test_on_the_desk_a_past_date_is_told_and_one_to_come_is_not(): void
    {
        $offer = $this->offer($this->course);
        $findings = fn (): string => implode(' ', array_filter(array_column((array) $this->signIn()->postJson($this->api('offers/proof'), ['country' => 'IE'] + self::sent(OfferForm::of($offer->load(Offer::TOLD_WITH))))->assertOk()->json('findings'), 'sentence'), is_string(...)));

        self::assertStringNotContainsString('date', $findings());
        $this->travelTo('2026-03-14 09:00:00');
        self::assertStringContainsString('Its date is past; until there is another, the click leads to a page that says so.', $findings());
    }

    public function test_the_calendar_file_moves_with_the_date_and_keeps_its_name(): void
    {
        $order = $this->booked();
        $uid = "UID:order-line-{$order->lines->sole()->id}@{$this->shop->host}\r\n";
        $file = (string) $this->visit("/thanks/{$order->token}/calendar.ics")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
        foreach ([$uid, "SEQUENCE:0\r\n", "DTSTART:20260314T090000Z\r\n", "DTEND:20260314T120000Z\r\n", "LOCATION:Weir Cottage\r\n", "STATUS:CONFIRMED\r\n"] as $line) {
            self::assertStringContainsString($line, $file);
        }

        $this->move('2026-03-21T10:00', '2026-03-21T13:00');
        $moved = (string) $this->visit("/thanks/{$order->token}/calendar.ics")->getContent();
        foreach ([$uid, "SEQUENCE:1\r\n", "DTSTART:20260321T100000Z\r\n"] as $line) {
            self::assertStringContainsString($line, $moved);
        }
        $this->visit("/thanks/{$order->token}")->assertSee('21 Mar 2026, 10:00 to 13:00');
        $this->visit('/thanks/'.str_repeat('x', 22).'/calendar.ics')->assertNotFound();
    }

    public function test_whoever_has_booked_is_told_of_a_moved_date_once_after_asking(): void
    {
        $order = $this->booked();
        $this->move('2026-03-14T09:00', '2026-03-14T12:00')->assertJsonPath('untold', 0);
        $this->move('2026-03-21T10:00', '2026-03-21T13:00')->assertJsonPath('untold', 1);
        self::assertSame(0, $this->told($order));

        $this->postJson($this->api("products/{$this->course->id}/moved"))->assertOk()->assertJsonPath('untold', 0);
        $this->postJson($this->api("products/{$this->course->id}/moved"))->assertOk();
        self::assertSame(0, app(TellMovedDates::class)($this->shop, $this->course->refresh()));
        self::assertSame(1, $this->told($order));
        self::assertStringContainsString('21 Mar 2026, 10:00 to 13:00, Weir Cottage', Message::query()->where('kind', MessageKind::DateMoved)->sole()->text);

        $this->move('2026-03-28T10:00', '2026-03-28T13:00')->assertJsonPath('untold', 1);
        $this->postJson($this->api("products/{$this->course->id}/moved"))->assertOk();
        self::assertSame(2, $this->told($order));
        $this->actingAs($this->person($this->shop()))->postJson($this->api("products/{$this->course->id}/moved"))->assertNotFound();
    }

    public function test_a_cancelled_booking_is_not_told_and_its_seats_are_free_again(): void
    {
        $order = $this->booked();
        self::assertSame(4, $this->course->refresh()->stock);
        $this->signIn()->postJson($this->api("orders/{$order->number}/cancel"), ['shown' => '0.00', 'is_restocked' => true])->assertOk();

        self::assertSame(5, $this->course->refresh()->stock);
        $this->move('2026-03-21T10:00', '2026-03-21T13:00')->assertJsonPath('untold', 0);
        self::assertStringContainsString('STATUS:CANCELLED', (string) $this->visit("/thanks/{$order->token}/calendar.ics")->getContent());
    }

    public function test_a_variant_that_is_moved_tells_its_own_buyers_alone(): void
    {
        $this->inVariants();
        $march = $this->booked('skep-march');
        $this->booked('skep-april');
        /** @var array{variants: list<array<string, mixed>>} $entry */
        $entry = $this->signIn()->getJson($this->api("products/{$this->course->id}"))->json('entry');
        $entry['variants'][0]['begins'] = '2026-03-09T10:00';

        $this->putJson($this->api("products/{$this->course->id}"), $entry)->assertOk()->assertJsonPath('untold', 1);
        $this->postJson($this->api("products/{$this->course->id}/moved"))->assertJsonPath('untold', 0);
        self::assertSame([1, $march->id], [Message::query()->where('kind', MessageKind::DateMoved)->count(), Message::query()->where('kind', MessageKind::DateMoved)->sole()->order_id]);
    }

    public function test_for_search_engines_it_is_an_event(): void
    {
        $placement = $this->placement($this->offer($this->course), as: ['medium' => 'json_ld']);
        $snippet = $this->signIn()->getJson($this->api("offers/{$placement->offer_id}"))->json('placements.0.snippet');

        self::assertIsString($snippet);
        self::assertStringContainsString('"@type":"Event","name":"Skep making"', $snippet);
        self::assertStringContainsString('"startDate":"2026-03-14T09:00:00+00:00","endDate":"2026-03-14T12:00:00+00:00","location":{"@type":"Place","name":"Weir Cottage"},"offers":{"@type":"Offer"', $snippet);
    }

    private function inVariants(): void
    {
        $this->course->update(['has_variants' => true, 'stock' => null, 'begins_at' => null, 'ends_at' => null, 'place' => '', 'asks_attendees' => false, 'options' => [new Option('Date', [new Choice('March'), new Choice('April')])]]);
        foreach (['March' => ['2026-03-02 09:00:00', null, 'Weir Cottage'], 'April' => ['2026-04-11 08:00:00', '2026-04-11 10:00:00', 'Long Barn']] as $name => [$begins, $ends, $place]) {
            $this->course->variants()->create(['shop_id' => $this->shop->id, 'position' => $name === 'March' ? 0 : 1, 'sku' => 'skep-'.strtolower($name), 'choices' => [$name], 'choices_digest' => hash('sha256', (string) json_encode([$name])), 'stock' => 3, 'begins_at' => $begins, 'ends_at' => $ends, 'place' => $place]);
        }
        $this->shop->update(['rules' => new ShopRules($this->shop->currency(), new DateTimeZone('Europe/Dublin'), $this->shop->rules()->tax, null, $this->shop->rules()->zones)]);
        $this->shop->refresh();
    }

    private function booked(string $sku = 'skep'): Order
    {
        $this->visitor = '';
        $checkout = $this->toCheckout($sku);

        return $this->paid($checkout, (string) $this->visit($checkout)->getContent(), ['Ada']);
    }

    private function toCheckout(string $goods): string
    {
        return (string) $this->visit("/take/{$goods}?to=pay")->assertStatus(303)->headers->get('Location');
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function move(string $begins, string $ends): TestResponse
    {
        /** @var array<string, mixed> $entry */
        $entry = $this->signIn()->getJson($this->api("products/{$this->course->id}"))->json('entry');

        return $this->putJson($this->api("products/{$this->course->id}"), ['begins' => $begins, 'ends' => $ends] + $entry)->assertOk();
    }

    private function told(Order $order): int
    {
        return Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::DateMoved])->count();
    }

    private function signIn(): self
    {
        return $this->actingAs($this->shop->people()->first() ?? $this->person($this->shop));
    }

    private function api(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/{$path}");
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function visit(string $path): TestResponse
    {
        $answer = $this->withUnencryptedCookies($this->visitor === '' ? [] : ['kite_visitor' => $this->visitor])->get($this->at($path));
        $this->visitor = $answer->getCookie('kite_visitor', false)?->getValue() ?? $this->visitor;

        return $answer;
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function add(string $month): TestResponse
    {
        $answer = $this->withUnencryptedCookies($this->visitor === '' ? [] : ['kite_visitor' => $this->visitor])->post($this->at('/cart/add'), ['sku' => 'skep', 'choice' => [$month], 'quantity' => '1', 'to' => 'cart'], ['Origin' => $this->shop->base()]);
        $this->visitor = $answer->getCookie('kite_visitor', false)?->getValue() ?? $this->visitor;

        return $answer;
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }

    /**
     * @param  list<string>  $names
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function submit(string $checkout, string $page, array $names): TestResponse
    {
        preg_match('/name="digest" value="([0-9a-f]{64})"/', $page, $digest);
        preg_match('/name="quantity\[(\d+)\]"/', $page, $line);

        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post($this->at($checkout), ['digest' => $digest[1] ?? '', 'pay' => '1', 'email' => 'ada@letters.example', 'attendee' => [(int) ($line[1] ?? 0) => $names]], ['Origin' => $this->shop->base()]);
    }

    /** @param  list<string>  $names */
    private function paid(string $checkout, string $page, array $names): Order
    {
        $this->submit($checkout, $page, $names)->assertStatus(303);
        $payment = Payment::query()->where('shop_id', $this->shop->id)->orderByDesc('id')->firstOrFail();
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));

        return Order::query()->where('checkout_id', $payment->checkout_id)->with('lines')->sole();
    }
}
