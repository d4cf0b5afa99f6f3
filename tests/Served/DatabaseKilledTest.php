<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Message;
use App\Models\Order;
use App\Models\Payment;
use App\Models\StockMovement;
use RuntimeException;

/** The database server is killed between payment and return, and comes back: nothing is lost, nothing is doubled. */
final class DatabaseKilledTest extends ServedTestCase
{
    public function test_the_order_appears_once_from_the_providers_retry(): void
    {
        $product = $this->product($this->shop, ['stock' => 3]);
        $shopper = self::shopper();
        $page = $this->hostedPage($shopper, $this->placement($this->offer($product)));

        $this->killDatabase();
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

    private function killDatabase(): void
    {
        $port = config()->string('database.connections.mariadb.port');
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $command = explode("\0", (string) @file_get_contents($file));
            if (basename($command[0]) === 'mariadbd' && in_array("--port={$port}", $command, true)) {
                posix_kill((int) basename(dirname($file)), SIGKILL);

                return;
            }
        }
        throw new RuntimeException('The database server of the tests is not running.');
    }
}
