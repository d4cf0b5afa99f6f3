<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Link\OpenDestination;
use PaperKite\Quote\CouponKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The console's page of links that are written by hand. */
final class OpenLinksConsoleTest extends TestCase
{
    private const ENTRY = ['items' => [['sku' => 'honey-340', 'quantity' => '2'], ['sku' => 'דבש', 'quantity' => '1']], 'to' => 'pay', 'coupon' => 'MAY & more', 'back' => 'https://www.fern.example/a?b=c', 'from' => 'spring'];

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop(['checkout_rules' => new CheckoutRules(hosts: ['www.fern.example'])]);
        $this->actingAs($this->person($this->shop));
        $this->product($this->shop, ['sku' => 'honey-340']);
        $this->product($this->shop, ['sku' => 'דבש']);
    }

    public function test_a_link_is_built_from_choices_and_taken_apart(): void
    {
        $answer = $this->build([])->assertJsonPath('finding', '')->assertJsonPath('url', "{$this->shop->base()}/take/2*honey-340,%D7%93%D7%91%D7%A9?to=pay&coupon=MAY%20%26%20more&back=https%3A%2F%2Fwww.fern.example%2Fa%3Fb%3Dc&from=spring")->assertJsonPath('anatomy.2.meaning', '2 of “honey-340”.');
        $url = $answer->json('url');

        self::assertIsString($url);
        $this->get($url, ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303);
    }

    public function test_of_a_donation_a_link_says_how_much_or_leaves_it_to_the_shopper(): void
    {
        $this->product($this->shop, ['sku' => 'hedgerow', 'kind' => ProductKind::Donation, 'least_minor' => 200]);
        $built = fn (string $amount, string $sku = 'hedgerow'): TestResponse => $this->build(['items' => [['sku' => $sku, 'quantity' => '1', 'amount' => $amount]], 'to' => '', 'coupon' => '', 'back' => '', 'from' => '']);

        $built(' 7.50 ')->assertJsonPath('finding', '')->assertJsonPath('url', "{$this->shop->base()}/take/hedgerow=7.50");
        $built('')->assertJsonPath('finding', '')->assertJsonPath('url', "{$this->shop->base()}/take/hedgerow");
        foreach ([['7,50', 'hedgerow', 'write digits with a point'], ['1', 'hedgerow', 'less than the least amount'], ['5', 'honey-340', 'can’t say how much to give']] as [$amount, $sku, $says]) {
            $told = $built($amount, $sku)->assertJsonPath('url', '')->json('finding');
            self::assertIsString($told);
            self::assertStringContainsString($says, $told);
        }
    }

    /** @param  array<string, mixed>|null  $coupon  null: there is none of the name */
    #[DataProvider('coupons')]
    public function test_a_coupon_that_does_not_count_is_told_and_the_link_is_built_all_the_same(?array $coupon, string $part): void
    {
        if ($coupon !== null) {
            $this->shop->coupons()->create($coupon + ['code' => 'MAY', 'kind' => CouponKind::Percent, 'percent' => '10']);
        }
        $answer = $this->build(['coupon' => 'MAY'])->assertJsonPath('finding', '');
        $caution = $answer->json('caution');

        self::assertNotSame('', $answer->json('url'));
        self::assertIsString($caution);
        self::assertStringContainsString($part, $caution);
        self::assertSame($part === '', $caution === '');
    }

    /** @return iterable<string, array{array<string, mixed>|null, string}> */
    public static function coupons(): iterable
    {
        yield 'a sound one' => [[], ''];
        yield 'none of the name' => [null, 'no coupon “MAY”'];
        yield 'one that is over' => [['counts_until' => '2020-01-01 00:00:00'], 'is over'];
        yield 'one that does not count yet' => [['counts_from' => '2120-01-01 00:00:00'], 'doesn’t count yet'];
        yield 'one that is used up' => [['most_uses' => 3, 'uses' => 3], 'is used up'];
    }

    public function test_each_item_is_named_and_its_variants_are_offered_whatever_is_wrong_with_the_rest(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small' => 0, 'Large' => 4] as $size => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => 'wrap-'.strtolower($size), 'choices' => [$size], 'choices_digest' => hash('sha256', $size), 'stock' => $stock]);
        }
        $items = array_map(static fn (string $sku): array => ['sku' => $sku, 'quantity' => '2', 'amount' => ''], ['wrap', 'wrap-small', 'wrap-large', 'jam']);
        $variants = [['sku' => 'wrap-small', 'name' => 'Small', 'stock' => 0], ['sku' => 'wrap-large', 'name' => 'Large', 'stock' => 4]];

        $this->build(['items' => $items])->assertJsonPath('url', '')
            ->assertJsonPath('goods.0', ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'product_sku' => 'wrap', 'variants' => $variants, 'is_given' => false, 'caution' => ''])
            ->assertJsonPath('goods.1.caution', 'It is sold out: whoever follows the link reads that.')->assertJsonPath('goods.1.product_sku', 'wrap')
            ->assertJsonPath('goods.2.caution', '')->assertJsonPath('goods.3', null);
        $this->build(['items' => [['quantity' => '5'] + $items[2]]])->assertJsonPath('goods.0.caution', 'Fewer than these are left: whoever follows the link reads that.')->assertJsonPath('finding', '');
        $wrap->variants()->update(['stock' => 0]);
        $this->build(['items' => [$items[0]]])->assertJsonPath('goods.0.caution', 'All its variants are sold out: whoever follows the link reads that.');
    }

    public function test_what_is_left_blank_is_left_out(): void
    {
        $this->build(['items' => [['sku' => 'honey-340', 'quantity' => '1']], 'to' => '', 'coupon' => '', 'back' => '', 'from' => ''])->assertJsonPath('url', "{$this->shop->base()}/take/honey-340");
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrong')]
    public function test_a_choice_that_would_not_work_is_told(array $with, string $finding): void
    {
        $told = $this->build($with)->assertJsonPath('url', '')->json('finding');

        self::assertIsString($told);
        self::assertStringContainsString($finding, $told);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => [['items' => []], 'names no goods'];
        yield 'nobody’s goods' => [['items' => [['sku' => 'jam', 'quantity' => '1']]], 'sells nothing under this SKU'];
        yield 'no number' => [['items' => [['sku' => 'honey-340', 'quantity' => '']]], 'write a SKU'];
        yield 'too many' => [['items' => [['sku' => 'honey-340', 'quantity' => '1000']]], 'from 1 to 999'];
        yield 'a label with a space' => [['from' => 'spring post'], '40 at most'];
        yield 'a host that is not listed' => [['back' => 'https://evil.example/'], 'not at a host'];
    }

    public function test_the_grammar_is_told_and_where_links_lead_is_set(): void
    {
        $this->getJson($this->address(''))->assertOk()->assertJsonPath('template', "{$this->shop->base()}/take/{+items}{?to,coupon,back,from}")->assertJsonPath('to', 'cart')->assertJsonCount(4, 'destinations');
        $this->putJson($this->address(''), ['to' => 'moon'])->assertUnprocessable();

        $this->putJson($this->address(''), ['to' => 'pay'])->assertOk()->assertJsonPath('to', 'pay');
        self::assertSame(OpenDestination::Pay, $this->shop->refresh()->take_to);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function build(array $with): TestResponse
    {
        return $this->postJson($this->address('/build'), $with + self::ENTRY)->assertOk();
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/open-links{$path}");
    }
}
