<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Carts\LeadOver;
use App\Models\Cart;
use App\Models\CheckoutState;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Placement;
use App\Models\Shop;
use App\Text\Secrets;
use Illuminate\Support\Facades\DB;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** Carts are erased once nobody goes on with them, and no sooner. */
final class SweptCartsTest extends TestCase
{
    use OpensPayments;

    private Shop $shop;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->placement = $this->placement($this->offer($this->product($this->shop)));
    }

    public function test_one_click_is_kept_for_a_day(): void
    {
        $cart = $this->clicked(Secrets::token());
        $this->travel(23)->hours();
        self::assertTrue($this->isThereAfterSweep($cart));
        $this->travel(61)->minutes();
        self::assertFalse($this->isThereAfterSweep($cart));
    }

    public function test_a_checkout_that_is_in_use_is_not_erased_because_its_cart_is_a_day_old(): void
    {
        $visitor = Secrets::token();
        $cart = $this->clicked($visitor);
        $this->travel(23)->hours();
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get("{$this->shop->base()}/checkout/{$cart->ref}")->assertOk();
        $this->travel(2)->hours();

        self::assertTrue($this->isThereAfterSweep($cart));
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get("{$this->shop->base()}/checkout/{$cart->ref}")->assertOk();
    }

    public function test_opening_the_checkout_again_and_again_writes_no_more_than_once_an_hour(): void
    {
        $visitor = Secrets::token();
        $cart = $this->clicked($visitor);
        $steps = [];
        foreach ([0, 5, 30, 59, 95, 100] as $minutes) {
            $this->travelTo($cart->created_at->addMinutes($minutes));
            $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get("{$this->shop->base()}/checkout/{$cart->ref}")->assertOk();
            $steps[] = $cart->refresh()->second_step_at?->getTimestamp();
        }

        // The click itself leads there: that is no second step.
        self::assertSame([null, null], [$steps[0], $steps[1]]);
        self::assertCount(2, array_unique(array_filter($steps)));
    }

    public function test_addresses_that_led_over_are_forgotten_after_a_day(): void
    {
        $shop = $this->shop();
        $cart = Cart::query()->create(['shop_id' => $shop->id, 'ref' => Secrets::ref(), 'visitor' => str_repeat('0', 64), 'created_at' => now()]);
        app(LeadOver::class)($shop, $cart, false, true, 'blog.example');
        $this->travel(23)->hours();
        app(LeadOver::class)($shop, $cart, false, true, 'blog.example');
        $this->travel(2)->hours();

        $this->command('carts:sweep')->assertSuccessful();
        self::assertSame(1, DB::table('hand_overs')->where('shop_id', $shop->id)->count());
    }

    public function test_a_cart_that_was_submitted_or_ordered_is_erased_like_others_and_its_payment_stays(): void
    {
        $submitted = $this->opened($this->shop, $this->product($this->shop), 1);
        $submitted->checkout->cart?->update(['second_step_at' => now()]);
        $paying = $this->opened($this->shop, $this->product($this->shop), 1);
        $paying->checkout->cart?->update(['second_step_at' => now()]);
        $submitted->checkout->update(['state' => CheckoutState::Ordered]);
        $submitted->update(['state' => PaymentState::Captured]);
        $this->travel(29)->days();
        self::assertTrue($this->isThereAfterSweep($submitted->checkout->cart));
        $this->travel(2)->days();

        self::assertFalse($this->isThereAfterSweep($submitted->checkout->cart));
        self::assertNull($submitted->checkout->refresh()->cart_id);
        // Whoever is paying keeps what is paid for, until the payment is given up.
        self::assertTrue($this->isThereAfterSweep($paying->checkout->cart));
        $paying->checkout->update(['state' => CheckoutState::Abandoned]);
        self::assertFalse($this->isThereAfterSweep($paying->checkout->cart));
    }

    private function clicked(string $visitor): Cart
    {
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->placement->link($this->shop)->url(), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303);

        return Cart::query()->where('shop_id', $this->shop->id)->latest('id')->firstOrFail();
    }

    private function isThereAfterSweep(?Cart $cart): bool
    {
        $this->command('carts:sweep')->assertSuccessful();

        return Cart::query()->whereKey($cart->id ?? 0)->exists();
    }
}
