<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Message;
use App\Models\Shop;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A shop's rules as its seller sets them in the console. */
final class ShopRulesTest extends TestCase
{
    private const RULES = [
        'prices_include_tax' => true, 'timezone' => 'Europe/Dublin', 'payment_fee' => ['percent' => '1.9', 'fixed' => '0.30'], 'shipping_tax_class' => null,
        'tax' => [['country' => 'IE', 'class' => 'standard', 'rate' => '23']],
        'zones' => [
            ['name' => 'Home', 'countries' => ['IE'], 'free_from' => '60.00', 'table' => ['by' => 'total', 'limit' => null, 'bands' => [['from' => '0.00', 'fee' => '3.90'], ['from' => '20.00', 'fee' => '5.90']]]],
            ['name' => 'Elsewhere', 'countries' => ['*'], 'free_from' => null, 'table' => ['by' => 'weight', 'limit' => 2000, 'bands' => [['from' => 0, 'fee' => '14.00']]]],
        ],
    ];

    private const SAMPLE = ['amount' => '25.00', 'weight' => '900', 'pieces' => '2', 'country' => 'IE', 'tax_class' => 'standard'];

    private const CHECKOUT = ['company' => 'off', 'postcode' => 'optional', 'phone' => 'required', 'comment' => 'off', 'coupon_place' => 'cart', 'terms' => '<p>Fair.</p><script>x()</script>', 'policy' => '', 'hosts' => ['www.Fern.example'], 'after_paying' => 'https://www.fern.example/thanks', 'after_cancelling' => ''];

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_rules_come_back_as_they_were_saved(): void
    {
        $this->putJson($this->address('/rules'), ['rules' => self::RULES, 'home_country' => 'IE'])->assertOk()->assertExactJson(['rules' => self::RULES, 'home_country' => 'IE', 'currency' => 'EUR', 'may_change_currency' => true, 'version' => 2]);

        self::assertSame('5.90', $this->shop->refresh()->rules()->zoneOf('IE')?->table?->bands[1]->fee->decimal());
        $this->getJson($this->address('/rules'))->assertOk()->assertJsonPath('rules', self::RULES);
    }

    public function test_the_currency_changes_only_while_nothing_has_a_price(): void
    {
        $rules = ['payment_fee' => ['percent' => '0', 'fixed' => '0'], 'zones' => []] + self::RULES;
        $this->putJson($this->address('/rules'), ['rules' => $rules, 'home_country' => 'IE', 'currency' => 'GOLD'])->assertUnprocessable()->assertJsonValidationErrorFor('currency');
        $this->putJson($this->address('/rules'), ['rules' => $rules, 'home_country' => 'IE', 'currency' => 'JPY'])->assertOk()->assertJsonPath('currency', 'JPY');
        $this->product($this->shop->refresh());

        $this->putJson($this->address('/rules'), ['rules' => $rules, 'home_country' => 'IE', 'currency' => 'EUR'])->assertUnprocessable()->assertJsonPath('errors.currency.0', 'The shop has prices in JPY already; a shop in another currency is another shop.');
    }

    public function test_rules_are_tried_on_a_sample_cart_before_they_are_saved(): void
    {
        $this->try(self::RULES, self::SAMPLE)->assertJsonPath('bill.shipping_because', 'Orders of €20.00 or more ship for €5.90.')->assertJsonPath('bill.total.shown', '€30.90')
            ->assertJsonPath('fee_sentence', 'Of €30.90 the payment provider keeps €0.89.')->assertJsonPath('charts.0.1.fee_shown', '€5.90')->assertJsonPath('charts.1.0.from_shown', '0 g');
        $this->try(self::RULES, ['country' => 'US', 'weight' => '2001'] + self::SAMPLE)->assertJsonPath('bill', null)->assertJsonPath('fault', 'At most 2,000 g can be sent there at once; take less, or order in two parts.');
        $this->try(self::RULES, ['country' => 'US'] + self::SAMPLE)->assertJsonPath('bill.shipping.shown', '€14.00')->assertJsonPath('tax_sentence', 'There is no tax on this cart there.');
    }

    public function test_what_is_wrong_with_rules_is_told_at_its_place_and_nothing_is_saved(): void
    {
        /** @var array<string, mixed> $wrong */
        $wrong = array_replace_recursive(self::RULES, ['timezone' => 'Tarn', 'tax' => [['rate' => 'much']], 'zones' => [1 => ['countries' => ['IE'], 'table' => ['bands' => [['from' => 'heavy']]]]]]);
        $paths = ['timezone', 'tax[0].rate', 'zones[1].countries[0]', 'zones[1].table.bands[0].from'];

        self::assertSame($paths, array_keys((array) $this->try($wrong, self::SAMPLE)->json('errors')));
        self::assertSame($paths, array_keys((array) $this->putJson($this->address('/rules'), ['rules' => $wrong, 'home_country' => 'IE'])->assertUnprocessable()->json('errors')));
        self::assertSame('UTC', $this->shop->refresh()->rules()->timezone->getName());
        $this->putJson($this->address('/rules'), ['rules' => 'none', 'home_country' => ''])->assertUnprocessable();
    }

    public function test_the_checkout_asks_and_leads_on_as_the_seller_says(): void
    {
        $this->putJson($this->address('/checkout'), self::CHECKOUT)->assertOk()->assertJsonPath('terms', '<p>Fair.</p>')->assertJsonPath('hosts', ['www.fern.example'])->assertJsonPath('fields.7', ['name' => 'phone', 'label' => 'Phone', 'demand' => 'required', 'allowed' => ['off', 'optional', 'required'], 'locked_because' => '']);

        $this->get("http://{$this->shop->host}/terms")->assertOk()->assertSee('Fair.');
        $this->get("http://{$this->shop->host}/policy")->assertNotFound();
    }

    public function test_texts_over_their_limit_are_told_at_their_fields_and_nothing_is_cut(): void
    {
        $this->putJson($this->address('/checkout'), ['terms' => str_repeat('x', 40_001), 'policy' => str_repeat("'", 10_000)] + self::CHECKOUT)->assertUnprocessable()
            ->assertJsonPath('errors.terms.0', 'The text with its bold, lists and links has 40001 characters; shorten it to 40000.')
            ->assertJsonPath('errors.policy.0', 'The text with its bold, lists and links has 60000 characters; shorten it to 40000.');
        self::assertSame('', $this->shop->refresh()->checkout_rules->terms);
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrongAddresses')]
    public function test_a_shopper_is_led_only_to_listed_hosts(array $with, string $field): void
    {
        $this->putJson($this->address('/checkout'), $with + self::CHECKOUT)->assertUnprocessable()->assertJsonValidationErrorFor($field);
        self::assertNull($this->shop->refresh()->checkout_rules->afterPaying);
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function wrongAddresses(): iterable
    {
        yield 'another host' => [['after_paying' => 'https://evil.example/'], 'after_paying'];
        yield 'a host that only begins alike' => [['after_paying' => 'https://www.fern.example.evil.example/'], 'after_paying'];
        yield 'somebody else’s name in front' => [['after_paying' => 'https://www.fern.example@evil.example/'], 'after_paying'];
        yield 'a script' => [['after_cancelling' => 'javascript:alert(1)'], 'after_cancelling'];
        yield 'no scheme' => [['after_cancelling' => '//www.fern.example/'], 'after_cancelling'];
        yield 'a backslash' => [['after_cancelling' => 'https://www.fern.example\\@evil.example/'], 'after_cancelling'];
        yield 'a host with a path' => [['hosts' => ['www.fern.example/x']], 'hosts'];
    }

    public function test_coupons_are_made_and_changed_each_under_its_code(): void
    {
        $coupon = ['code' => 'MAY', 'kind' => 'percent', 'value' => '15', 'min_spend' => '20.00', 'skus' => [], 'from' => '', 'until' => '2027-01-01T00:00', 'most_uses' => '50', 'most_uses_each' => ''];
        $id = $this->postJson($this->address('/coupons'), $coupon)->assertCreated()->assertJsonPath('sentence', 'takes 15 % off, for goods of €20.00 or more; 50 times in all. Of goods for €25.00 it takes €3.75.')->assertJsonPath('entry', $coupon)->json('id');
        self::assertIsInt($id);

        $this->postJson($this->address('/coupons'), $coupon)->assertUnprocessable()->assertJsonValidationErrorFor('code');
        $this->putJson($this->address("/coupons/{$id}"), ['value' => '101'] + $coupon)->assertUnprocessable()->assertJsonValidationErrorFor('value');
        $this->putJson($this->address("/coupons/{$id}"), ['kind' => 'free_shipping', 'value' => ''] + $coupon)->assertOk()->assertJsonPath('sentence', 'ships the order free, for goods of €20.00 or more; 50 times in all.');
        $this->getJson($this->address('/coupons'))->assertOk()->assertJsonPath('at.total', 1);
        $this->actingAs($this->person($other = $this->shop()));
        $this->putJson($this->console("/api/shops/{$other->slug}/coupons/{$id}"), $coupon)->assertNotFound();
    }

    public function test_the_payee_changes_with_the_password_alone_and_everybody_is_told(): void
    {
        $this->person($this->shop);

        $this->putJson($this->address('/payee'), ['payee' => 'thief', 'password' => 'a guess'])->assertUnprocessable()->assertJsonValidationErrorFor('password');
        $this->putJson($this->address('/payee'), ['payee' => 'two words', 'password' => 'a long enough password'])->assertUnprocessable()->assertJsonValidationErrorFor('payee');
        self::assertSame(['tarn-side', 0], [$this->shop->refresh()->payee, Message::query()->count()]);

        $this->putJson($this->address('/payee'), ['payee' => 'tarn-side-2', 'password' => 'a long enough password'])->assertOk()->assertJsonPath('payee', 'tarn-side-2');
        self::assertSame(2, Message::query()->count());
    }

    public function test_the_first_payee_needs_no_password_and_the_next_one_does(): void
    {
        $this->shop->update(['payee' => null]);
        $this->putJson($this->address('/payee'), ['payee' => 'fern-fold'])->assertOk()->assertJsonPath('payee', 'fern-fold');
        $this->putJson($this->address('/payee'), ['payee' => 'thief'])->assertUnprocessable()->assertJsonValidationErrorFor('password');
        self::assertSame('fern-fold', $this->shop->refresh()->payee);
    }

    /**
     * @param  array<string, mixed>  $rules
     * @param  array<string, mixed>  $sample
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function try(array $rules, array $sample): \Illuminate\Testing\TestResponse
    {
        return $this->postJson($this->address('/rules/trial'), ['rules' => $rules, 'sample' => $sample])->assertOk();
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}{$path}");
    }
}
