<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Offer;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Models\StockMovement;
use App\Offers\OfferForm;
use App\Payments\SettlePayment;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Payment\ProviderState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;
use Tests\TestCase;

/** What a shopper gives as much of as they like: alone, and beside goods in one cart. */
final class DonationTest extends TestCase
{
    private Shop $shop;

    private Product $fund;

    private string $visitor = '';

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->fund = $this->product($this->shop, ['sku' => 'hedgerow', 'name' => 'Hedgerow fund', 'kind' => ProductKind::Donation, 'price_minor' => 1000, 'least_minor' => 200, 'most_minor' => 50_000, 'suggested' => [500, 1000, 2500], 'thanks' => 'We write in spring.', 'stock' => 0, 'weight_g' => 900]);
    }

    public function test_a_link_by_hand_gives_what_it_says_and_the_checkout_asks_for_an_address_of_mail_alone(): void
    {
        $checkout = $this->visit('/take/hedgerow=7.50?to=pay')->assertStatus(303)->headers->get('Location');
        $page = (string) $this->visit((string) $checkout)->assertOk()->assertSee('€7.50')->assertSee('Where the receipt goes')->assertDontSee('Shipping')->getContent();
        preg_match_all('/name="(email|name|street|town|country|postcode)"/', $page, $asked);
        self::assertSame(['email'], $asked[1]);

        $order = $this->pay((string) $checkout, $page, ['email' => 'ada@letters.example']);
        self::assertSame(['', '', 750, 0, 'donation'], [$order->name, $order->country, $order->total_minor, $order->tax_minor, $order->lines->sole()->kind->value]);
        self::assertSame([0, 0], [StockMovement::query()->where('order_id', $order->id)->count(), $this->fund->refresh()->stock]);
        $this->visit("/thanks/{$order->token}")->assertOk()->assertSee('We write in spring.')->assertDontSee('It goes to');
        $mail = Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::Confirmation])->sole()->text;
        self::assertStringContainsString("Hello,\n", $mail);
        self::assertStringContainsString("1 × Hedgerow fund: €7.50\n  Total: €7.50\n\nWe write in spring.\n\nThe order", $mail);
        $this->actingAs($this->person($this->shop))->getJson($this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}"))->assertOk()->assertJsonPath('address', [])->assertJsonPath('bill.shipping', null);
    }

    public function test_beside_honey_it_bears_no_discount_and_no_shipping_and_a_parcel_needs_its_address(): void
    {
        $this->product($this->shop, ['sku' => 'honey', 'price_minor' => 1000]);
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => 'percent', 'percent' => '10']);
        $checkout = (string) $this->visit('/take/honey,hedgerow=20.00?to=pay&coupon=MAY')->assertStatus(303)->headers->get('Location');

        // A tenth of the honey alone.
        $page = (string) $this->visit($checkout)->assertOk()->assertSee('−€1.00')->assertSee('€32.90')->assertSee('Street and number')->getContent();
        $this->post($this->at($checkout), ['digest' => $this->digest($page), 'email' => 'ada@letters.example'], ['Origin' => $this->shop->base()])->assertStatus(422);
    }

    public function test_on_its_page_an_amount_is_picked_or_typed_and_what_is_typed_counts(): void
    {
        $this->visit('/p/hedgerow')->assertOk()->assertSee('You choose the amount')->assertSee('€25.00')->assertSee('€2.00 to €500.00')->assertDontSee('How many')->assertDontSee('Ships');
        $this->add(['amount' => '5.00', 'own_amount' => ''])->assertStatus(303);
        $this->add(['amount' => '5.00', 'own_amount' => '12'])->assertStatus(303);
        $this->add(['amount' => '5.00', 'own_amount' => ''])->assertStatus(303);

        // The same amount is one line, another one a line of its own.
        self::assertSame([[500, 2], [1200, 1]], Cart::query()->where('shop_id', $this->shop->id)->sole()->lines->sortBy('amount_minor')->map(static fn (CartLine $line): array => [$line->amount_minor, $line->quantity])->values()->all());
        $this->visit('/cart')->assertSee('€22.00')->assertDontSee('Quantity of');
    }

    #[DataProvider('wrongAmounts')]
    public function test_a_wrong_amount_says_what_is_wrong_and_keeps_what_was_typed(string $typed, string $says): void
    {
        $this->add(['amount' => '5.00', 'own_amount' => $typed])->assertStatus(422)->assertSee($says)->assertSee('value="'.e($typed).'"', false);

        self::assertSame(0, Cart::query()->where('shop_id', $this->shop->id)->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrongAmounts(): iterable
    {
        yield 'too little' => ['1.99', '€1.99 is less than the least amount'];
        yield 'too much' => ['500.01', '€500.01 is more than the largest amount'];
        yield 'a word' => ['much', 'is not an amount'];
        yield 'another script' => ['٧', 'is not an amount'];
        yield 'markup' => ['"><script>', 'is not an amount'];
    }

    #[DataProvider('links')]
    public function test_links_by_hand_say_what_is_wrong_with_an_amount(string $link, int $status, string $says): void
    {
        $this->product($this->shop, ['sku' => 'honey']);

        $this->visit("/take/{$link}")->assertStatus($status)->assertSee($says);
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function links(): iterable
    {
        yield 'no amount: it is chosen' => ['hedgerow', 303, ''];
        yield 'too little' => ['hedgerow=1.00', 404, 'less than the least amount'];
        yield 'of goods' => ['honey=7.50', 404, 'can’t say how much to give'];
    }

    public function test_an_offer_leaves_the_amount_open_or_says_it(): void
    {
        $open = $this->offer($this->fund);
        $placement = $this->placement($open);
        self::assertStringContainsString('they get Hedgerow fund with as much as they like, go straight to paying', $this->proof($open, [])['sentence']);
        $this->follow($placement)->assertRedirect("/o/{$placement->code}");
        $this->visit("/o/{$placement->code}")->assertOk()->assertSee('Another amount');
        $this->post($this->at("/o/{$placement->code}"), ['amount' => [0 => '25.00'], 'own_amount' => [0 => '1']], ['Origin' => $this->shop->base()])->assertStatus(422)->assertSee('€1.00 is less than the least amount');
        $this->post($this->at("/o/{$placement->code}"), ['amount' => [0 => '25.00'], 'own_amount' => [0 => '']], ['Origin' => $this->shop->base()])->assertStatus(303);
        self::assertSame(2500, Cart::query()->where('shop_id', $this->shop->id)->sole()->lines->sole()->amount_minor);

        $proof = $this->proof($open, ['items' => [['product_id' => $this->fund->id, 'variant' => '', 'quantity' => '1', 'amount' => '7.5']]]);
        self::assertStringContainsString('they get Hedgerow fund with €7.50', $proof['sentence']);
        self::assertStringContainsString('and pay €7.50; then', $proof['sentence']);
        foreach (['1.00' => '€1.00 is less than the least amount', 'x' => 'is not an amount'] as $typed => $says) {
            self::assertStringContainsString($says, implode(' ', $this->proof($open, ['items' => [['product_id' => $this->fund->id, 'variant' => '', 'quantity' => '1', 'amount' => (string) $typed]]])['findings']));
        }
    }

    public function test_an_offer_that_says_the_amount_leads_straight_to_paying(): void
    {
        $offer = $this->offer($this->fund);
        $offer->lines()->sole()->update(['terms' => 'giving', 'amount_minor' => 750]);

        $checkout = (string) $this->follow($this->placement($offer))->assertStatus(303)->headers->get('Location');
        self::assertStringStartsWith('/checkout/', $checkout);
        $this->visit($checkout)->assertSee('Pay €7.50');
    }

    public function test_for_search_engines_it_is_an_act_of_giving(): void
    {
        $placement = $this->placement($this->offer($this->fund), as: ['medium' => 'json_ld']);
        $snippet = $this->actingAs($this->person($this->shop))->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$placement->offer_id}"))->assertOk()->json('placements.0.snippet');

        self::assertIsString($snippet);
        self::assertStringContainsString('"@type":"DonateAction","name":"Hedgerow fund"', $snippet);
        self::assertStringNotContainsString('price', $snippet);
    }

    public function test_a_kind_that_is_changed_keeps_what_was_entered_and_says_what_is_not_used(): void
    {
        $this->actingAs($this->person($this->shop));
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'sale_minor' => 500, 'weight' => '60', 'weight_g' => 60, 'stock' => 3]);
        $address = $this->console("/api/shops/{$this->shop->slug}/products/{$wrap->id}");
        /** @var array<string, mixed> $entry */
        $entry = $this->getJson($address)->json('entry');

        $this->postJson($this->console("/api/shops/{$this->shop->slug}/products/check"), ['kind' => 'donation'] + $entry)->assertOk()->assertJsonPath('unused', 'Kept, but not used: sale price, shipping and stock.');
        $this->putJson($address, ['kind' => 'donation', 'least' => '3', 'suggested' => '5 ; 7.50, 10'] + $entry)->assertOk();
        self::assertSame([ProductKind::Donation, 500, 3, [500, 750, 1000]], [$wrap->refresh()->kind, $wrap->sale_minor, $wrap->stock, $wrap->suggested]);
        $this->visit('/p/wrap')->assertSee('You choose the amount')->assertDontSee('left');
        $this->putJson($address, ['kind' => 'physical'] + $entry)->assertOk();
        $this->visit('/p/wrap')->assertSee('€5.00')->assertSee('3 left.');
    }

    /** @param  array<string, string>  $with */
    #[DataProvider('forms')]
    public function test_what_is_wrong_with_amounts_stands_at_its_field(array $with, string $field, string $says): void
    {
        $this->actingAs($this->person($this->shop));
        /** @var array<string, mixed> $entry */
        $entry = $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/{$this->fund->id}"))->json('entry');

        $errors = $this->postJson($this->console("/api/shops/{$this->shop->slug}/products/check"), $with + $entry)->assertOk()->json("errors.{$field}.0");
        self::assertIsString($errors);
        self::assertStringContainsString($says, $errors);
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function forms(): iterable
    {
        yield 'the largest below the least' => [['most' => '1.00'], 'most', 'below the least, €2.00'];
        yield 'a usual amount outside them' => [['price' => '1.00'], 'price', 'outside the limits'];
        yield 'a suggestion outside them' => [['suggested' => '1, 5'], 'suggested', '€1.00 is outside the limits'];
        yield 'a suggestion that is none' => [['suggested' => '5, lots'], 'suggested', 'lots'];
        yield 'too many' => [['suggested' => '5 6 7 8 9 10 11'], 'suggested', '6 amounts at most'];
        yield 'thanks with a control character' => [['thanks' => "a\0b"], 'thanks', 'The words of thanks'];
        yield 'a kind that is none' => [['kind' => 'nothing_such'], 'kind', 'what kind'];
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array{sentence: string, findings: list<string>}
     */
    private function proof(Offer $offer, array $with): array
    {
        $this->actingAs($this->person($this->shop));
        $proof = $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers/proof"), ['country' => 'IE'] + $with + self::sent(OfferForm::of($offer->load(Offer::TOLD_WITH))))->assertOk();

        return [
            'sentence' => implode('', array_filter(array_column((array) $proof->json('sentence'), 'text'), is_string(...))),
            'findings' => array_values(array_filter(array_column((array) $proof->json('findings'), 'sentence'), is_string(...))),
        ];
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function visit(string $path): TestResponse
    {
        $answer = $this->withUnencryptedCookies($this->visitor === '' ? [] : ['kite_visitor' => $this->visitor])->get($this->at($path));
        $this->visitor = $answer->getCookie('kite_visitor', false)?->getValue() ?? $this->visitor;

        return $answer;
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function follow(Placement $placement): TestResponse
    {
        return $this->visit("/k/{$placement->code}");
    }

    /**
     * @param  array<string, string>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function add(array $with): TestResponse
    {
        $answer = $this->withUnencryptedCookies($this->visitor === '' ? [] : ['kite_visitor' => $this->visitor])->post($this->at('/cart/add'), $with + ['sku' => 'hedgerow', 'to' => 'cart'], ['Origin' => $this->shop->base()]);
        $this->visitor = $answer->getCookie('kite_visitor', false)?->getValue() ?? $this->visitor;

        return $answer;
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }

    private function digest(string $page): string
    {
        preg_match('/name="digest" value="([0-9a-f]{64})"/', $page, $found);

        return $found[1] ?? '';
    }

    /** @param  array<string, string>  $form */
    private function pay(string $checkout, string $page, array $form): Order
    {
        $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post($this->at($checkout), ['digest' => $this->digest($page), 'pay' => '1'] + $form, ['Origin' => $this->shop->base()])->assertStatus(303);
        $payment = Payment::query()->where('shop_id', $this->shop->id)->sole();
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));

        return Order::query()->where('shop_id', $this->shop->id)->with('lines')->sole();
    }
}
