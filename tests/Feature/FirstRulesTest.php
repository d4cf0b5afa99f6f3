<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What a shop says once is said where a finding misses it. */
final class FirstRulesTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop(with: ['home_country' => 'DE', 'payee' => null]);
        $this->shop->update(['rules' => new ShopRules($this->shop->currency(), $this->shop->zone(), new TaxRates(true, []), null, [])]);
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_first_zone_begins_at_home_and_a_first_rate_with_the_class_that_goods_have(): void
    {
        $this->say('first-zone', ['fee' => '4,90'])->assertOk();
        $this->say('first-rate', ['class' => 'standard', 'rate' => '19'])->assertOk();

        $rules = $this->shop->refresh()->rules();
        self::assertSame([['Germany', ['DE'], 490]], array_map(static fn (ShippingZone $zone): array => [$zone->name, $zone->countries, $zone->table?->bands[0]->fee->minor], $rules->zones));
        self::assertSame('19', $rules->tax->rate('DE', 'standard')?->text);
    }

    /** @param  array<string, string>  $form */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_stands_at_its_field_and_changes_nothing(string $what, array $form, string $field, string $sentence): void
    {
        $this->say($what, $form)->assertUnprocessable()->assertJsonPath("errors.{$field}.0", $sentence);

        self::assertSame([[], []], [$this->shop->refresh()->rules()->zones, $this->shop->rules()->tax->rates]);
    }

    /** @return iterable<string, array{string, array<string, string>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no fee' => ['first-zone', ['fee' => ' '], 'fee', 'The amount is missing.'];
        yield 'a fee in words' => ['first-zone', ['fee' => 'cheap'], 'fee', '“cheap” is not an amount; write digits with a point, such as 9.80.'];
        yield 'more than all' => ['first-rate', ['class' => 'standard', 'rate' => '190'], 'rate', '“190” is more than 100 percent; enter a percentage from 0 to 100.'];
        yield 'no class' => ['first-rate', ['class' => '', 'rate' => '19'], 'rate', 'The tax class is missing.'];
    }

    public function test_each_is_said_once(): void
    {
        $this->say('first-zone', ['fee' => '0'])->assertOk();
        $this->say('first-zone', ['fee' => '9'])->assertUnprocessable()->assertJsonPath('errors.fee.0', 'Somebody has said meanwhile where the shop ships to; look at it under Shop.');
        $this->say('first-rate', ['class' => '7', 'rate' => '7'])->assertOk();
        $this->say('first-rate', ['class' => '7', 'rate' => '9'])->assertUnprocessable();
        self::assertSame([0, '7'], [$this->shop->refresh()->rules()->zones[0]->table?->bands[0]->fee->minor, $this->shop->rules()->tax->rate('DE', '7')?->text]);
    }

    public function test_what_is_missing_is_told_until_it_is_there(): void
    {
        config(['kite.payments.provider' => null]);
        self::assertSame(['provider', 'payee', 'products', 'terms', 'policy'], $this->missing());
        $this->product($this->shop);
        self::assertSame(['provider', 'payee', 'zones', 'tax_rates', 'terms', 'policy'], $this->missing());
        $this->say('first-zone', ['fee' => '4.90']);
        $this->say('first-rate', ['class' => 'standard', 'rate' => '0']);
        config(['kite.payments.provider' => 'standin']);
        self::assertSame(['payee', 'terms', 'policy'], $this->missing());
    }

    public function test_a_sentence_begins_with_the_product_that_is_asked_for_and_never_with_another_shops(): void
    {
        $this->product($this->shop, ['name' => 'Acorn']);
        $wanted = $this->product($this->shop, ['name' => 'Lantern']);
        $foreign = $this->product($this->shop());

        self::assertSame($wanted->id, $this->begunWith($wanted->id));
        self::assertNotSame($foreign->id, $this->begunWith($foreign->id));
    }

    private function begunWith(int $product): mixed
    {
        return $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/blank?product={$product}"))->assertOk()->json('entry.items.0.product_id');
    }

    /** @return array<mixed> */
    private function missing(): array
    {
        $missing = $this->getJson($this->console("/api/shops/{$this->shop->slug}"))->assertOk()->json('missing');

        return is_array($missing) ? array_column($missing, 'key') : [];
    }

    /**
     * @param  array<string, string>  $form
     * @return TestResponse<Response>
     */
    private function say(string $what, array $form): TestResponse
    {
        return $this->postJson($this->console("/api/shops/{$this->shop->slug}/rules/{$what}"), $form);
    }
}
