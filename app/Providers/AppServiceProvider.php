<?php

declare(strict_types=1);

namespace App\Providers;

use App\Carts\NewCartLimit;
use App\Carts\TakeOver;
use App\Changes\Marks;
use App\Clicks\FillCart;
use App\Clicks\RecentClicks;
use App\Console\OneRunAtATime;
use App\Demo\DemoPayments;
use App\Erasing\Erase;
use App\Finding\Said\SaidOfCoupons;
use App\Finding\Said\SaidOfGoods;
use App\Finding\Said\SaidOfLooks;
use App\Finding\Said\SaidOfOffers;
use App\Finding\Said\SaidOfOrders;
use App\Finding\Said\SaidOfPlacements;
use App\Finding\Said\SaidOfPriceTables;
use App\Finding\Said\SaidOfProducts;
use App\Finding\Said\SaidOfShelves;
use App\Finding\SaidOf;
use App\Finding\WriteWords;
use App\GiftCards\CodeKey;
use App\HotLane\KeepAnswer;
use App\HotLane\Settings;
use App\Http\Embed\SeenLimit;
use App\Http\Embed\WidgetLimit;
use App\Http\Shopper\Cart\HandOverController;
use App\Http\Shopper\KeepPage;
use App\Http\Shopper\OwnStyle;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\SayInShopsWords;
use App\Looks\StoreIcon;
use App\Messages\OutboxTransport;
use App\Models\DerivedSecret;
use App\Models\Shop;
use App\Operator\TellOperator;
use App\Operator\Troubles;
use App\PartnerReports\ReportFiles;
use App\Partners\ReadyMarketplaces;
use App\People\CheckPassword;
use App\People\SecondFactor;
use App\Pictures\CopyPicture;
use App\Pictures\DrawPicture;
use App\PriceWatch\CheckPrice;
use App\PriceWatch\Exchange;
use App\PriceWatch\FetchPage;
use App\PriceWatch\PageSource;
use App\PriceWatch\PriceSource;
use App\PriceWatch\WatchedHosts;
use App\Queue\ClockedConnector;
use App\Queue\KeepUnreadable;
use App\Results\RecordEvent;
use App\Results\Spool;
use App\Samples\SampleFiles;
use App\Shoppers\SendLink;
use App\Shoppers\WishForStock;
use App\Shops\RenameLimit;
use App\Shops\ShopNames;
use App\Time\Clock;
use App\Time\ClockedDates;
use App\Time\MoveClock;
use App\Uploads\BeginUpload;
use App\Uploads\FileFolder;
use Closure;
use Illuminate\Console\Scheduling\EventMutex;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\View;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use RuntimeException;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->when(WriteWords::class)->needs(SaidOf::class)->give([SaidOfProducts::class, SaidOfGoods::class, SaidOfOffers::class, SaidOfPlacements::class, SaidOfPriceTables::class, SaidOfShelves::class, SaidOfOrders::class, SaidOfLooks::class, SaidOfCoupons::class]);
        $this->app->singleton(Clock::class);
        $this->app->bind(EventMutex::class, OneRunAtATime::class);
        // The demo's time can be moved on; that of a shop that sells can't.
        $this->app->when([Clock::class, MoveClock::class])->needs('$offsetFile')->give(self::clockFile(...));
        $this->app->when(DemoPayments::class)->needs('$ledger')->give(static fn (): ?string => self::textOrNull(config('kite.payments.standin.ledger')));
        $this->app->when(TellOperator::class)->needs('$address')->give(static fn (): ?string => self::textOrNull(config('kite.operator')));
        $this->app->when(ShopNames::class)->needs('$suffixes')->giveConfig('kite.hosts.suffixes');
        $this->app->when(ShopNames::class)->needs('$reserved')->give(static fn (): array => [config()->string('kite.console_host'), ...config()->array('kite.hosts.reserved')]);
        $this->app->when(RenameLimit::class)->needs('$perDay')->giveConfig('kite.hosts.renames_per_day');
        $this->app->scoped(OwnStyle::class);
        $this->secrets();
        $this->clicks();
        $this->partners();
        $this->folders();
    }

    private function secrets(): void
    {
        $this->app->when(CheckPassword::class)->needs('$nobodysHash')->giveConfig('kite.nobodys_hash');
        $this->app->when([SecondFactor::class, RecentClicks::class, ReadCaller::class, SendLink::class, WishForStock::class, HandOverController::class, CodeKey::class, DerivedSecret::class])->needs('$key')->giveConfig('app.key');
    }

    private function clicks(): void
    {
        $this->app->when(RecentClicks::class)->needs('$seconds')->giveConfig('kite.clicks.same_click_seconds');
        $this->app->when(FillCart::class)->needs('$sameClickSeconds')->giveConfig('kite.clicks.same_click_seconds');
        $this->app->when(TakeOver::class)->needs('$sameRequestSeconds')->giveConfig('kite.clicks.same_request_seconds');
        $this->app->when([SeenLimit::class, WidgetLimit::class])->needs('$perAddress')->giveConfig('kite.clicks.widget_requests_per_minute');
        $this->app->when(NewCartLimit::class)->needs('$perMinute')->giveConfig('kite.clicks.new_carts_per_minute');
        $this->app->when([ReadCaller::class, KeepPage::class])->needs('$countryHeader')->give(static fn (): ?string => self::textOrNull(config('trustedproxy.country_header')));
        $this->app->when(RecordEvent::class)->needs(Closure::class)->give(static fn (): Closure => static fn (QueryException $failure) => report($failure));
        $this->app->when(KeepAnswer::class)->needs('$areLimitsShared')->give(static fn (): bool => config('cache.default') === 'apc');
        $this->app->bind(Settings::class, static fn (Application $app): Settings => new Settings(
            key: config()->string('app.key'),
            sameClickSeconds: config()->integer('kite.clicks.same_click_seconds'),
            isOverTls: config('kite.scheme') === 'https',
            proxies: array_values(array_filter(config()->array('trustedproxy.proxies'), is_string(...))),
            countryHeader: self::textOrNull(config('trustedproxy.country_header')),
            clockFile: self::clockFile($app),
            database: config()->array('database.connections.mariadb'),
            cachePrefix: config()->string('cache.prefix'),
            newCartsPerMinute: config()->integer('kite.clicks.new_carts_per_minute'),
        ));
    }

    private function partners(): void
    {
        $this->app->when(ReadyMarketplaces::class)->needs('$folder')->give(static fn (Application $app): string => $app->resourcePath('marketplaces'));
        $this->app->when(ReadyMarketplaces::class)->needs('$standinPort')->give(static fn (Application $app): ?int => $app->environment('production') ? null : self::numberOrNull(config('kite.standin_port')));
        $this->app->bind(PriceSource::class, PageSource::class);
        // With stand-ins alone: in production nothing on this machine is a marketplace.
        $this->app->singleton(WatchedHosts::class, static fn (Application $app): WatchedHosts => WatchedHosts::of(config()->string('kite.prices.hosts'), $app->environment('production') ? '' : config()->string('kite.prices.local')));
        $this->app->when(FetchPage::class)->needs(Closure::class)->give(static fn (): Closure => (new Exchange)(...));
        $this->app->when(CheckPrice::class)->needs('$hours')->giveConfig('kite.prices.hours_between');
    }

    private function folders(): void
    {
        $this->app->when([Spool::class, Marks::class])->needs('$folder')->giveConfig('kite.spool');
        $this->app->when(Troubles::class)->needs('$spool')->giveConfig('kite.spool');
        $this->app->when(ReportFiles::class)->needs('$folder')->giveConfig('kite.reports');
        $this->app->when(FileFolder::class)->needs('$folder')->giveConfig('kite.files');
        $this->app->when(BeginUpload::class)->needs('$reserve')->giveConfig('kite.disk_reserve');
        $this->app->when(SampleFiles::class)->needs('$folder')->giveConfig('kite.samples');
        $this->app->when([SampleFiles::class, Erase::class])->needs('$pictures')->giveConfig('kite.pictures');
        $this->app->when(Erase::class)->needs('$sessionMinutes')->giveConfig('session.lifetime');
        $this->app->when([DrawPicture::class, StoreIcon::class, CopyPicture::class, Troubles::class])->needs('$folder')->giveConfig('kite.pictures');
    }

    private static function clockFile(Application $app): ?string
    {
        return $app->environment('production') ? null : self::textOrNull(config('kite.clock'));
    }

    public function boot(): void
    {
        FormerNames::understand();
        View::composer('shop.*', SayInShopsWords::class);
        Model::unguard();
        // What was not read is no null: a row of which a click reads little would seem to have nothing.
        Model::preventAccessingMissingAttributes();
        Model::preventLazyLoading($this->app->runningUnitTests());
        Date::use(new ClockedDates($this->app->make(Clock::class)));
        Queue::addConnector('clocked', fn (): ClockedConnector => new ClockedConnector($this->app->make(DatabaseManager::class), $this->app->make(Clock::class), $this->app->make(KeepUnreadable::class)));
        Mail::extend('outbox', fn (): OutboxTransport => $this->outbox());
        // Each host serves its own copy, so that no page loads from another.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/{$path}");
        // People sign in by session alone; a bearer token opens nothing.
        Sanctum::getAccessTokenFromRequestUsing(static fn (): ?string => null);
    }

    private static function textOrNull(mixed $value): ?string
    {
        return is_string($value) && $value !== '' ? $value : null;
    }

    private static function numberOrNull(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }

    private function outbox(): OutboxTransport
    {
        if ($this->app->environment('production')) {
            throw new RuntimeException('The outbox stand-in does not run in production; set MAIL_MAILER to a real one.');
        }

        return new OutboxTransport(config()->string('kite.outbox'));
    }
}
