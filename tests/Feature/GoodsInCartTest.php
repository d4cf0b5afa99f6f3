<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Carts\AddLines;
use App\Carts\Goods;
use App\Catalogue\SaveVariants;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Coupon;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Text\Secrets;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Terms;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\CouponPlace;
use PaperKite\Quote\CouponKind;
use Tests\TestCase;

/** Variants, sales, coupons and stock as a shopper meets them in the shop. */
final class GoodsInCartTest extends TestCase
{
    private Shop $shop;

    private Product $wrap;

    private string $visitor;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->visitor = Secrets::token();
        $this->wrap = $this->product($this->shop, [
            'sku' => 'wrap', 'name' => 'Beeswax wrap', 'price_minor' => 700, 'has_variants' => true,
            'options' => [new Option('Size', [new Choice('Small', new Price($this->shop->money(650))), new Choice('Large', new Price($this->shop->money(1100)))])],
        ]);
        foreach (['Small' => 4, 'Large' => 0] as $size => $stock) {
            $this->wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => 'wrap-'.strtolower($size), 'choices' => [$size], 'choices_digest' => SaveVariants::digest([$size]), 'stock' => $stock]);
        }
    }

    public function test_a_page_shows_every_choice_with_its_price_and_what_has_sold_out(): void
    {
        $this->shopper()->get($this->at('/p/wrap'))->assertOk()->assertSee('from €6.50')->assertSee('Small')->assertSee('Large')->assertSee('€11.00')->assertSee('Sold out at the moment.');
        $this->shopper()->get($this->at('/p/wrap-small'))->assertOk()->assertSee('4 left.');
    }

    public function test_what_is_picked_on_other_terms_is_a_line_of_its_own(): void
    {
        $cart = Cart::query()->create(['shop_id' => $this->shop->id, 'ref' => Secrets::ref(), 'visitor' => hash('sha256', $this->visitor), 'created_at' => now()]);
        $small = $this->wrap->variants()->where('sku', 'wrap-small')->firstOrFail();
        $picked = [
            new Goods($this->wrap, $small, 1), new Goods($this->wrap, $small, 2), new Goods($this->wrap, null, 1),
            new Goods($this->wrap, null, 1, Terms::giving($this->shop->money(750))), new Goods($this->wrap, null, 1, Terms::giving($this->shop->money(75))), new Goods($this->wrap, null, 4, Terms::giving($this->shop->money(750))),
        ];
        foreach ($picked as $goods) {
            app(AddLines::class)($cart->id, [$goods->added()], null, null, null);
        }

        self::assertSame([3, 1, 5, 1], CartLine::query()->where('cart_id', $cart->id)->orderBy('id')->pluck('quantity')->all());
        self::assertSame(
            array_values(array_unique(array_map(static fn (Goods $goods): string => $goods->added()->key(), $picked))),
            CartLine::query()->where('cart_id', $cart->id)->orderBy('id')->pluck('pick_key')->all(),
        );
        $again = CartLine::query()->where('cart_id', $cart->id)->orderBy('id')->get()[2]->toCore();
        self::assertSame('giving 750 EUR', $again->terms->key());
    }

    public function test_one_variant_must_be_chosen_and_be_there(): void
    {
        $this->add([])->assertUnprocessable()->assertSee('Choose one of each');
        $this->add(['choice' => ['Large']])->assertUnprocessable()->assertSee('sold out');
        $this->add(['choice' => ['Small']])->assertStatus(303);
        self::assertSame(['wrap-small'], CartLine::query()->get()->map(fn (CartLine $line): ?string => $line->variant?->sku)->all());
    }

    public function test_variants_of_one_product_are_lines_of_their_own_each_naming_its_choices(): void
    {
        Variant::query()->where('sku', 'wrap-large')->update(['stock' => null]);
        foreach (['Small', 'Large', 'Small'] as $size) {
            $this->add(['choice' => [$size]])->assertStatus(303);
        }

        $this->cart()->assertSeeInOrder(['Beeswax wrap', 'Size', 'Small', '€6.50 each', 'Beeswax wrap', 'Large', '€11.00 each', '€27.90'], false);
        self::assertSame([2, 1], CartLine::query()->orderBy('id')->pluck('quantity')->all());
    }

    public function test_a_price_that_changed_is_said_at_the_line_once_with_the_new_amount(): void
    {
        $honey = $this->product($this->shop);
        $this->add(['sku' => $honey->sku])->assertStatus(303);
        $this->cart()->assertDontSee('has changed');
        $honey->update(['sale_minor' => 840]);

        $this->cart()->assertSee('The price has changed from €9.80 to €8.40 since you last looked.')->assertSee('<s>€9.80</s>', false);
        $this->cart()->assertDontSee('has changed');
    }

    public function test_a_coupon_is_applied_explained_and_taken_out(): void
    {
        $this->coupon(['min_spend_minor' => 1500]);
        $this->add(['choice' => ['Small']]);

        $this->cartPost(['coupon' => 'NOPE'])->assertUnprocessable()->assertSee('The coupon “NOPE” is not valid.')->assertSee('value="NOPE"', false);
        $this->cartPost(['coupon' => 'BLOSSOM'])->assertStatus(303);
        $this->cart()->assertSee('counts from €15.00');
        $this->cartPost(['quantity' => [CartLine::query()->firstOrFail()->id => '3']])->assertStatus(303);
        $this->cart()->assertSee('−€2.93')->assertSee('takes 15 % off');
        Coupon::query()->update(['most_uses' => 1, 'uses' => 1]);
        $this->cart()->assertSee('The coupon “BLOSSOM” is not valid.')->assertDontSee('−€2.93');
        $this->cartPost(['remove_coupon' => '1'])->assertStatus(303);
        $this->cart()->assertDontSee('BLOSSOM');
    }

    public function test_codes_can_not_be_guessed_at_will(): void
    {
        $this->coupon([]);
        $this->add(['choice' => ['Small']]);
        foreach (range(1, 10) as $try) {
            $this->cartPost(['coupon' => "GUESS-{$try}"])->assertUnprocessable()->assertSee('is not valid');
        }

        $this->cartPost(['coupon' => 'BLOSSOM'])->assertUnprocessable()->assertSee('wait ten minutes');
        self::assertNull(Cart::query()->firstOrFail()->coupon_code);
    }

    public function test_the_seller_says_where_coupons_are_entered(): void
    {
        $this->coupon([]);
        $this->add(['choice' => ['Small']]);
        $this->shop->update(['checkout_rules' => new CheckoutRules(couponPlace: CouponPlace::Checkout)]);

        $this->cart()->assertDontSee('Coupon');
        $this->cartPost(['coupon' => 'BLOSSOM'])->assertStatus(303);
        self::assertNull(Cart::query()->firstOrFail()->coupon_code);
    }

    public function test_add_ons_are_offered_until_they_are_in_the_cart(): void
    {
        $honey = $this->product($this->shop, ['name' => 'Heather honey']);
        $this->wrap->addOns()->attach($honey->id, ['shop_id' => $this->shop->id, 'position' => 1]);
        $this->add(['choice' => ['Small']]);

        $this->cart()->assertSee('Goes well with it')->assertSee('Heather honey');
        $this->add(['sku' => $honey->sku]);
        $this->cart()->assertDontSee('Goes well with it');
    }

    public function test_a_click_on_an_offer_of_several_variants_leads_to_the_choice(): void
    {
        $placement = $this->placement($this->offer($this->wrap));

        $this->get($placement->link($this->shop)->url(), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303)->assertHeader('Location', "/o/{$placement->code}");
        self::assertSame(0, Cart::query()->count());
    }

    /** @param  array<string, mixed>  $with */
    private function coupon(array $with): void
    {
        $this->shop->coupons()->create($with + ['code' => 'BLOSSOM', 'kind' => CouponKind::Percent, 'percent' => '15']);
    }

    private function shopper(): self
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor]);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function add(array $with): TestResponse
    {
        return $this->shopper()->post($this->at('/cart/add'), $with + ['sku' => 'wrap', 'quantity' => '1']);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function cart(): TestResponse
    {
        return $this->shopper()->get($this->at('/cart'))->assertOk();
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function cartPost(array $form): TestResponse
    {
        return $this->shopper()->post($this->at('/cart'), $form);
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }
}
