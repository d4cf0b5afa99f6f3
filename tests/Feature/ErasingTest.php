<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Picture;
use App\Models\PictureFile;
use App\Models\Shop;
use App\Models\ShopperLink;
use App\Operator\ReportQuery;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Monolog\Handler\TestHandler;
use Monolog\Logger;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** What nobody needs any longer is erased, and what an order holds is not. */
final class ErasingTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
    }

    public function test_a_checkout_that_came_to_nothing_loses_its_shopper_after_thirty_days(): void
    {
        $payments = array_map(function (array $states): Payment {
            $payment = $this->opened($this->shop, $this->product($this->shop), 1);
            $payment->checkout->update(['state' => $states[0]]);
            $payment->update(['state' => $states[1]]);

            return $payment;
        }, [
            [CheckoutState::Open, PaymentState::Open], [CheckoutState::Ordered, PaymentState::Authorised], [CheckoutState::Open, PaymentState::Declined],
            [CheckoutState::Superseded, PaymentState::Voided], [CheckoutState::Abandoned, PaymentState::Voided], [CheckoutState::SoldOut, PaymentState::Voided],
        ]);
        $kept = static fn (): array => array_map(static fn (Payment $payment): string => $payment->checkout->refresh()->bill->shopper->email.$payment->checkout->bill->shopper->street, $payments);
        $this->travel(29)->days();
        $this->erase();
        self::assertSame(array_fill(0, 6, 'ada@letters.example12 Chandler Court'), $kept());

        $this->travel(2)->days();
        $this->erase();
        // Whoever may still pay, and whoever has ordered.
        self::assertSame(['ada@letters.example12 Chandler Court', 'ada@letters.example12 Chandler Court', '', '', '', ''], $kept());
        self::assertSame(1370, $payments[2]->refresh()->amount_minor);
        $this->command('data:erase')->assertSuccessful()->expectsOutputToContain('0 names and addresses');
    }

    public function test_links_and_sessions_that_have_ended_are_erased(): void
    {
        ShopperLink::query()->create(['shop_id' => $this->shop->id, 'email_key' => 'ada@letters.example', 'token' => str_repeat('a', 64), 'expires_at' => now()->subDays(2)]);
        ShopperLink::query()->create(['shop_id' => $this->shop->id, 'email_key' => 'ada@letters.example', 'token' => str_repeat('b', 64), 'expires_at' => now()->addMinutes(5)]);
        foreach (['c' => now()->subMinute(), 'd' => now()->addMinute()] as $visitor => $expires) {
            DB::table('shopper_sessions')->insert(['shop_id' => $this->shop->id, 'visitor' => str_repeat($visitor, 64), 'email_key' => 'ada@letters.example', 'expires_at' => $expires]);
        }
        foreach (['old' => now()->subDays(40), 'new' => now()] as $id => $at) {
            DB::table('sessions')->insert(['id' => "{$id}-{$this->shop->id}", 'payload' => '', 'last_activity' => $at->getTimestamp()]);
        }
        $this->erase();

        self::assertSame([str_repeat('b', 64)], ShopperLink::query()->where('shop_id', $this->shop->id)->pluck('token')->all());
        self::assertSame([str_repeat('d', 64)], DB::table('shopper_sessions')->where('shop_id', $this->shop->id)->pluck('visitor')->all());
        self::assertSame(["new-{$this->shop->id}"], DB::table('sessions')->where('id', 'like', "%-{$this->shop->id}")->pluck('id')->all());
    }

    public function test_pictures_that_belong_to_nothing_go_with_their_files_after_thirty_days(): void
    {
        $folder = sys_get_temp_dir().'/kite-erasing-'.bin2hex(random_bytes(4));
        mkdir($folder);
        config(['kite.pictures' => $folder]);
        $product = $this->product($this->shop);
        $picture = function (string $name, int $days, array $more = []) use ($folder): Picture {
            touch("{$folder}/{$name}.webp");

            return $this->shop->pictures()->create($more + ['file' => "{$name}.webp", 'width' => 1, 'height' => 1, 'created_at' => now()->subDays(90), 'free_since' => now()->subDays($days)]);
        };
        $picture('attached', 40, ['product_id' => $product->id]);
        $picture('alone', 31);
        $picture('let-go', 29);
        $picture('on-a-button', 40, ['is_kept' => true]);
        $product->update(['lead_picture' => $picture('ordered', 40)->file]);
        $this->paid($this->shop, $product, 1);
        $whole = PictureFile::fresh(900, 600);
        foreach ($whole->all() as $name) {
            touch("{$folder}/{$name}");
        }
        $picture(substr($whole->name, 0, -5), 31);
        $this->erase();

        $kept = ['attached.webp', 'let-go.webp', 'on-a-button.webp', 'ordered.webp'];
        self::assertSame($kept, Picture::query()->where('shop_id', $this->shop->id)->orderBy('file')->pluck('file')->all());
        self::assertSame($kept, array_map(basename(...), glob("{$folder}/*") ?: []));
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }

    public function test_a_statement_that_fails_is_logged_without_what_it_held(): void
    {
        $log = new TestHandler;
        try {
            Order::query()->create(['shop_id' => $this->shop->id, 'email' => 'ada@letters.example', 'name' => 'Ada Nwosu-Reed']);
            self::fail('An order without a number was written.');
        } catch (QueryException $failure) {
            (new ReportQuery(new Logger('test', [$log])))($failure);
        }

        $written = (string) json_encode($log->getRecords());
        self::assertStringContainsString('insert into `orders`', $written);
        self::assertStringNotContainsString('ada@letters.example', $written);
        self::assertStringNotContainsString('Nwosu', $written);
    }

    private function erase(): void
    {
        $this->command('data:erase')->assertSuccessful();
    }
}
