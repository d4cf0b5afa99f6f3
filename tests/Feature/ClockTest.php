<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\ShopperLink;
use App\Text\Secrets;
use App\Time\Clock;
use App\Time\ClockedDates;
use App\Time\MoveClock;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Finder\Finder;
use Tests\TestCase;

/** One clock for the shops, which the demo can move on. */
final class ClockTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = sys_get_temp_dir().'/kite-clock-'.bin2hex(random_bytes(6));
        $this->app?->instance(Clock::class, new Clock($this->file));
        $this->app?->instance(MoveClock::class, new MoveClock(new Clock($this->file), $this->file));
    }

    protected function tearDown(): void
    {
        if (is_file($this->file)) {
            unlink($this->file);
        }
        parent::tearDown();
    }

    public function test_nothing_in_the_application_reads_another_clock(): void
    {
        $readings = [];
        foreach (Finder::create()->files()->in([app_path(), resource_path('views')])->name('*.php')->notPath('Time/Clock.php') as $file) {
            if (preg_match('/(?<![>$\w])(?<!function )(?:now|today|time|microtime|date|hrtime)\(|(?:Carbon|CarbonImmutable|Date)::(?:now|today)\(|new \\\\?DateTime(?:Immutable)?(?:\(\)|;)|isFuture\(|isPast\(|\b(?:NOW|UTC_TIMESTAMP|CURDATE|CURRENT_TIMESTAMP)\b/', $file->getContents(), $found) === 1) {
                $readings[$file->getRelativePathname()] = $found[0];
            }
        }

        ksort($readings);
        // The demo writes its orders as of earlier days, by setting the machine's own clock back; what waits for others waits by the machine's.
        self::assertSame(['Demo/DemoOrders.php' => 'CarbonImmutable::now(', 'Time/MachineClock.php' => 'CarbonImmutable::now('], $readings);
    }

    public function test_later_is_later_for_carts_links_and_what_waits_in_the_queue(): void
    {
        $shop = $this->shop();
        $cart = Cart::query()->create(['shop_id' => $shop->id, 'ref' => Secrets::ref(), 'visitor' => str_repeat('0', 64), 'created_at' => now()]);
        ShopperLink::query()->create(['shop_id' => $shop->id, 'email_key' => 'ada@letters.example', 'token' => hash('sha256', 'token'), 'expires_at' => now()->addMinutes(30)]);
        $this->get("{$shop->base()}/link/token")->assertOk();

        $this->command('demo:later', ['by' => '40 days'])->assertSuccessful()->expectsOutputToContain((string) now()->addDays(40)->format('j F Y'));

        self::assertSame(0, Cart::query()->whereKey($cart->id)->count());
        $this->get("{$shop->base()}/link/token")->assertGone();
        self::assertEqualsWithDelta(now()->addDays(40)->getTimestamp(), (new Clock($this->file))->now()->getTimestamp(), 2);
    }

    public function test_a_row_that_is_written_later_says_so(): void
    {
        file_put_contents($this->file, (string) (40 * 86_400));
        Date::use(new ClockedDates(new Clock($this->file)));
        try {
            $product = $this->product($this->shop());
        } finally {
            Date::use(new ClockedDates(new Clock));
        }

        self::assertEqualsWithDelta(now()->addDays(40)->getTimestamp(), DB::table('products')->where('id', $product->id)->selectRaw('UNIX_TIMESTAMP(created_at) AS at')->value('at'), 5);
    }

    public function test_moving_on_signs_no_seller_out(): void
    {
        config(['session.driver' => 'database']);
        $person = $this->person($this->shop());
        $this->postJson($this->console('/api/sign-in'), ['email' => $person->email, 'password' => 'a long enough password'])->assertOk();
        $kept = DB::table('sessions')->pluck('last_activity')->all();
        self::assertNotSame([], $kept);

        $this->command('demo:later', ['by' => '40 days'])->assertSuccessful();
        $this->getJson($this->console('/api/me'))->assertOk()->assertJsonPath('person.email', $person->email);
    }

    public function test_time_is_moved_on_in_the_demo_only_and_forwards_only(): void
    {
        foreach (['', 'soon', '-3 days', '0 days', '90000 days'] as $by) {
            $this->command('demo:later', ['by' => $by])->assertFailed();
        }
        $this->app?->instance(MoveClock::class, new MoveClock(new Clock, null));
        $this->command('demo:later', ['by' => '1 day'])->assertFailed();
        $this->app?->detectEnvironment(static fn (): string => 'production');
        $this->command('demo:later', ['by' => '1 day'])->assertFailed();
        self::assertFileDoesNotExist($this->file);
    }
}
