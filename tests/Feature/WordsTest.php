<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Messages\WriteMessage;
use App\Models\Cart;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Shop;
use App\Text\Secrets;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Words\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** What shoppers read and are written, in a shop's own words. */
final class WordsTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_page_and_a_mail_are_said_in_own_words_and_others_are_as_everywhere(): void
    {
        $this->save(['cart.title' => 'Der Korb', 'cart.empty' => 'Leer ist er, דבש.', 'mail.hello' => "Grüß Gott {name}!\nSchön, dass Sie da sind.", 'mail.confirmation.subject' => 'Nr. {number}: danke', 'bill.shipping' => 'Der Bote'])->assertOk()->assertJsonPath('version', 2);

        $this->get("http://{$this->shop->host}/cart")->assertSee('Der Korb')->assertSee('Leer ist er, דבש.')->assertSee('See what there is');
        $order = $this->paid($this->shop->refresh(), $this->product($this->shop), 2);
        $mail = Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::Confirmation])->sole();
        self::assertSame('Nr. 1001: danke', $mail->subject);
        self::assertStringStartsWith("Grüß Gott Ada Nwosu-Reed!\nSchön, dass Sie da sind.\n\nthank you for your order 1001", $mail->text);
        self::assertStringContainsString('  Der Bote: €3.90', $mail->text);
        $this->get("http://{$this->shop->host}/thanks/{$order->token}")->assertSee('Der Bote')->assertSee('Thank you');
        // Another shop speaks as before.
        $this->get("http://{$this->shop()->host}/cart")->assertSee('Your cart')->assertDontSee('Korb');
    }

    public function test_what_is_refused_is_refused_in_own_words(): void
    {
        $this->save([
            'refused.missing' => '{what} fehlt.', 'subject.email' => 'Die E-Mail', 'refused.quantity' => '„{typed}“ ist keine Anzahl.', 'refused.no_address' => 'Das ist keine Adresse.', 'take.unknown' => 'Das gibt es hier nicht.',
            'line.sold_out' => 'Ist aus.', 'failed.nothing' => 'Hier ist nichts', 'refused.coupon' => '„{code}“ gilt nicht.', 'mail.sign_in.subject' => 'Anmelden bei {shop}', 'notice.no_cart' => 'Kein Korb',
        ])->assertOk();
        $honey = $this->product($this->shop->refresh(), ['sku' => 'honey', 'stock' => 3]);
        $site = $this->shop->base();
        $added = $this->get("{$site}/take/honey?to=cart", ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']);
        $this->withUnencryptedCookies(['kite_visitor' => (string) $added->getCookie('kite_visitor', false)?->getValue()]);
        $cart = Cart::query()->where('shop_id', $this->shop->id)->sole();
        $form = fn (string $path, array $typed): TestResponse => $this->post("{$site}{$path}", $typed, ['Origin' => $site]);

        $form('/cart', ['quantity' => [$cart->lines()->sole()->id => 'drei']])->assertUnprocessable()->assertSee('„drei“ ist keine Anzahl.');
        $form('/cart', ['coupon' => 'NIE'])->assertUnprocessable()->assertSee('„NIE“ gilt nicht.');
        $form('/account', ['email' => 'ada'])->assertUnprocessable()->assertSee('Das ist keine Adresse.');
        $form($this->shop->checkoutPath($cart->ref), ['email' => ' '])->assertUnprocessable()->assertSee('Die E-Mail fehlt.')->assertSee('The town fehlt.');
        $this->get("{$site}/take/nichts", ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertNotFound()->assertSee('“nichts”: Das gibt es hier nicht.');
        $this->get("{$site}/nowhere")->assertNotFound()->assertSee('Hier ist nichts');
        $honey->update(['stock' => 0]);
        $this->get("{$site}/cart")->assertSee('Ist aus.');
        $this->withUnencryptedCookies(['kite_visitor' => Secrets::token()])->get($site.$this->shop->checkoutPath($cart->ref))->assertNotFound()->assertSee('Kein Korb');
    }

    public function test_what_is_blank_or_said_as_everywhere_is_not_kept(): void
    {
        $this->save(['cart.title' => 'Der Korb', 'cart.empty' => ' ', 'cart.bill' => 'The bill', 'nothing.known' => 'x'])->assertOk();
        self::assertSame(['cart.title'], DB::table('shop_phrases')->where('shop_id', $this->shop->id)->pluck('phrase')->all());

        $this->save([])->assertOk();
        self::assertSame(0, DB::table('shop_phrases')->where('shop_id', $this->shop->id)->count());
    }

    /** @param  array<string, string>  $own */
    #[DataProvider('wrongWords')]
    public function test_what_is_wrong_stands_at_its_phrase_and_nothing_is_kept(array $own, string $field, string $says): void
    {
        $errors = $this->save(['cart.title' => 'Kept?'] + $own)->assertUnprocessable()->json('errors');

        self::assertSame([$says], is_array($errors) ? $errors[$field] ?? null : null);
        self::assertSame(0, DB::table('shop_phrases')->where('shop_id', $this->shop->id)->count());
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function wrongWords(): iterable
    {
        yield 'a mark that is not known' => [['thanks.made' => 'For {name}, {number}'], 'own.thanks/made', 'Nothing is known here for {name}; what can be filled in is {number}.'];
        yield 'a mark where none is known' => [['cart.empty' => 'Empty, {name}'], 'own.cart/empty', 'Nothing is known here for {name}; leave it out.'];
        yield 'too long' => [['cart.empty' => str_repeat('ü', 501)], 'own.cart/empty', 'The text has 501 characters; shorten it to 500.'];
        yield 'a subject of two lines' => [['mail.sent.subject' => "Sent\nBcc: all@letters.example"], 'own.mail/sent/subject', 'The text holds a line break, tab or other control character; remove it.'];
    }

    public function test_hostile_words_do_nothing(): void
    {
        $this->save(['cart.title' => '<script>alert(1)</script>', 'checkout.no_account' => '"><img src=x onerror=alert(1)> {link}', 'thanks.made' => '{number}</h1><script>', 'mail.hello' => '<b>{name}</b>'])->assertOk();

        $this->get("http://{$this->shop->host}/cart")->assertDontSee('<script>alert', false)->assertSee('&lt;script&gt;alert(1)&lt;/script&gt;', false);
        $order = $this->paid($this->shop->refresh(), $this->product($this->shop), 1);
        $this->get("http://{$this->shop->host}/thanks/{$order->token}")->assertDontSee('</h1><script>', false)->assertSee('<strong>1001</strong>&lt;/h1&gt;', false);
        $this->preview('thanks', ['thanks.made' => '</main><script>alert(1)</script>'])->assertOk()->assertDontSee('<script>alert', false);
        $this->preview('confirmation', ['mail.confirmation.thanks' => '</pre><script>alert(1)</script>'])->assertOk()->assertDontSee('<script>alert', false);
    }

    public function test_each_sample_is_shown_in_words_that_are_not_saved_and_nothing_is_sent(): void
    {
        foreach (Sample::cases() as $sample) {
            $this->preview($sample->value, ['mail.order' => 'Hier: {link}', 'mail.order_day' => 'Hier: {link}', 'thanks.made' => 'Hier: {number}', 'mail.link.open' => 'Hier: öffnen'])->assertOk()->assertSee('Hier: ')->assertSee(match ($sample) {
                Sample::Moved => 'Skep making',
                Sample::SignIn => '/link/a-sample',
                default => 'Heather honey',
            });
        }
        $this->preview('confirmation', [])->assertSee('thank you for your order 1042 at Tarn Side Goods.')->assertSee('Discount: −€1.96');
        self::assertSame([0, 0], [Message::query()->where('shop_id', $this->shop->id)->count(), DB::table('shop_phrases')->where('shop_id', $this->shop->id)->count()]);
    }

    public function test_the_second_of_two_is_told(): void
    {
        $this->save(['cart.title' => 'Der Korb'], 1)->assertOk();
        $this->save(['cart.title' => 'Der Wagen'], 1)->assertConflict();

        $this->getJson($this->console("/api/shops/{$this->shop->slug}/words"))->assertJsonPath('version', 2)->assertJsonFragment(['key' => 'cart.title', 'standard' => 'Your cart', 'own' => 'Der Korb', 'has_lines' => false]);
    }

    public function test_only_the_shops_own_people_change_its_words(): void
    {
        $this->actingAs($this->person($this->shop()));
        $this->save(['cart.title' => 'x'])->assertNotFound();
        $this->preview('thanks', [])->assertNotFound();
    }

    public function test_words_of_a_mail_that_was_written_stay(): void
    {
        $order = $this->paid($this->shop, $this->product($this->shop), 1);
        $this->save(['mail.hello' => 'Servus {name}'])->assertOk();
        app(WriteMessage::class)->ofOrder($order->refresh()->setRelation('shop', $this->shop->refresh()));

        self::assertStringStartsWith('Hello Ada', Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::Confirmation])->sole()->text);
    }

    /**
     * @param  array<string, string>  $own
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function save(array $own, ?int $version = null): TestResponse
    {
        return $this->putJson($this->console("/api/shops/{$this->shop->slug}/words"), ['own' => $own] + ($version === null ? [] : ['version' => $version]));
    }

    /**
     * @param  array<string, string>  $own
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function preview(string $what, array $own): TestResponse
    {
        return $this->post($this->console("/preview/{$this->shop->slug}/words"), ['what' => $what, 'own' => (string) json_encode((object) $own)]);
    }
}
