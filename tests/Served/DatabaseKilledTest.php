<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Message;
use App\Models\Order;
use App\Models\Payment;
use App\Models\StockMovement;
use Tests\Support\KillsServers;

/** The database server is killed between payment and return, and comes back: nothing is lost, nothing is doubled. */
final class DatabaseKilledTest extends ServedTestCase
{
    use KillsServers;

    public function test_the_order_appears_once_from_the_providers_retry(): void
    {
        $product = $this->product($this->shop, ['stock' => 3]);
        $shopper = self::shopper();
        $page = $this->hostedPage($shopper, $this->placement($this->offer($product)));

        $this->kill($this->database());
        $return = $shopper->post($page, ['form_params' => ['do' => 'pay', 'delivery' => 'first']])->getHeaderLine('Location');
        $shopper->get($return);
        $this->waitUntil(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->exists());

        self::assertStringStartsWith('/thanks/', $shopper->get($return)->getHeaderLine('Location'));
        self::assertSame([1, 1, 1], [
            Order::query()->where('shop_id', $this->shop->id)->count(),
            StockMovement::query()->where('product_id', $product->id)->count(),
            Message::query()->where(['shop_id' => $this->shop->id, 'to' => 'ada@letters.example'])->count(),
        ]);
        self::assertSame([2, CheckoutState::Ordered], [$product->refresh()->stock, Checkout::query()->where('shop_id', $this->shop->id)->sole()->state]);
        $this->waitUntil(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->sole()->captured_at !== null);
    }
}
