<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Product;
use App\Models\RefusedEvent;
use App\Models\Shop;
use App\Payments\CapturePayment;
use App\Payments\VoidPayment;
use Illuminate\Support\Facades\Queue;
use PaperKite\Payment\ProviderState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** Payments of which nothing is heard: the event was lost, and the shopper never came back. */
final class OpenPaymentsTest extends TestCase
{
    use OpensPayments;

    private Shop $shop;

    private Product $honey;

    private Payment $payment;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['stock' => 5]);
        $this->payment = $this->opened($this->shop, $this->honey, 2);
    }

    public function test_it_is_asked_about_after_ten_minutes_an_hour_and_a_day_and_then_given_up(): void
    {
        foreach ([9 => 0, 10 => 1, 59 => 1, 60 => 2, 1439 => 2] as $minutes => $asked) {
            $this->sweepAt($minutes);
            self::assertCount($asked, $this->provider->asked, "after {$minutes} minutes");
        }
        self::assertSame(PaymentState::Open, $this->payment->refresh()->state);
        Queue::assertNothingPushed();

        $this->sweepAt(1440);
        self::assertSame(CheckoutState::Abandoned, $this->payment->checkout->refresh()->state);
        self::assertNotNull($this->payment->refresh()->void_wanted_at);
        Queue::assertPushed(VoidPayment::class, 1);
        $this->sweepAt(1500);
        self::assertCount(3, $this->provider->asked);
    }

    public function test_a_paid_payment_whose_event_was_lost_becomes_an_order_without_the_shopper(): void
    {
        $this->provider->state = ProviderState::Authorised;
        $this->sweepAt(10);

        self::assertSame([1, 3], [Order::query()->where('checkout_id', $this->payment->checkout_id)->count(), $this->honey->refresh()->stock]);
        Queue::assertPushed(CapturePayment::class, 1);
        $this->sweepAt(60);
        self::assertSame(1, Order::query()->count());
    }

    #[DataProvider('ends')]
    public function test_what_ended_at_the_provider_ends_here(ProviderState $said): void
    {
        $this->provider->state = $said;
        $this->sweepAt(10);

        self::assertSame([PaymentState::Declined, 0], [$this->payment->refresh()->state, Order::query()->count()]);
        $this->get("{$this->shop->base()}/return/{$this->payment->checkout->reference}")->assertStatus(303)->assertHeader('Location', "/checkout/{$this->payment->checkout->cart?->ref}?after=declined");
    }

    /** @return iterable<string, array{ProviderState}> */
    public static function ends(): iterable
    {
        yield 'the bank said no' => [ProviderState::Declined];
        yield 'the shopper left' => [ProviderState::Cancelled];
        yield 'the authorisation was voided before anybody heard of it' => [ProviderState::Voided];
    }

    public function test_what_the_provider_no_longer_knows_is_closed(): void
    {
        $this->provider->knowsNothing = true;
        $this->sweepAt(10);

        self::assertSame(CheckoutState::Abandoned, $this->payment->checkout->refresh()->state);
        $this->get("{$this->shop->base()}/return/{$this->payment->checkout->reference}")->assertOk()->assertSee('Nothing was paid')->assertSee("/checkout/{$this->payment->checkout->cart?->ref}");
    }

    public function test_a_provider_that_does_not_answer_is_asked_again_a_minute_later(): void
    {
        $this->provider->isDown = true;
        foreach ([10, 11, 1440, 1441] as $minutes) {
            $this->sweepAt($minutes);
        }
        self::assertSame([PaymentState::Open, 0], [$this->payment->refresh()->state, $this->payment->asks]);

        $this->provider->isDown = false;
        $this->provider->state = ProviderState::Authorised;
        $this->sweepAt(1442);
        self::assertSame(1, Order::query()->count());
    }

    public function test_a_state_that_this_release_does_not_know_changes_nothing_and_is_shown_to_the_seller(): void
    {
        $this->provider->state = ProviderState::Unknown;
        $this->sweepAt(10);

        self::assertSame(PaymentState::Open, $this->payment->refresh()->state);
        self::assertStringContainsString('“unknown”', RefusedEvent::query()->where('payment_id', $this->payment->id)->sole()->reason);
    }

    public function test_money_that_comes_after_it_was_given_up_is_given_back(): void
    {
        $this->sweepAt(10);
        $this->sweepAt(60);
        $this->sweepAt(1440);
        app(\App\Payments\SettlePayment::class)($this->payment, \Tests\Support\FakeProvider::statement($this->payment, ProviderState::Authorised));

        self::assertSame(0, Order::query()->count());
        Queue::assertPushed(VoidPayment::class, 2);
    }

    private function sweepAt(int $minutes): void
    {
        $this->travelTo($this->payment->created_at->addMinutes($minutes));
        $this->command('payments:sweep')->assertSuccessful();
    }
}
