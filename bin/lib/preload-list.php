<?php

declare(strict_types=1);

// Prints the files of the classes that a request needs, found by serving two: php-fpm keeps them in memory from its
// start (see preload.php), which spares every request some hundred look-ups.

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use PaperKite\Link\ShopperCountry;
use Symfony\Component\HttpFoundation\IpUtils;

$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";

$kernel = (require "{$root}/bootstrap/app.php")->make(Kernel::class);
foreach (['GET' => '/k/zzzzzzz', 'POST' => '/cart'] as $method => $path) {
    $kernel->handle(Request::create("http://nowhere.localhost{$path}", $method));
}
foreach ([
    App\Http\Shopper\Offers\PlacementController::class, App\Clicks\FollowPlacement::class, App\Models\Cart::class, App\Models\CartLine::class, App\Models\OfferLine::class,
    App\HotLane\HotLane::class, App\HotLane\Following::class, App\HotLane\Reply::class, App\HotLane\KeptAnswers::class, App\Http\Shopper\ReadCaller::class, App\Http\Shopper\RequestHeaders::class, PaperKite\Link\Visit::class, PaperKite\Link\PlacementCode::class, App\Clicks\LedOn::class, App\Clicks\CountClick::class, App\Results\SpooledAct::class, App\Results\SpooledLead::class, App\HotLane\Settings::class, App\Changes\Marks::class, App\Results\Spool::class, App\Carts\Caller::class, App\Carts\CartOwner::class, App\Carts\KeyedHash::class, App\Text\Secrets::class,
    PaperKite\Link\Device::class, PaperKite\Link\ShopperCountry::class, PaperKite\Results\EventKind::class, App\Clicks\RecentClicks::class, App\Clicks\FillCart::class, App\Http\Shopper\Visitor::class, App\Models\Placement::class, App\Models\Offer::class, App\Models\Product::class, App\Models\Shop::class, Illuminate\Http\RedirectResponse::class,
    Illuminate\Database\Query\Builder::class, Illuminate\Database\Eloquent\Builder::class, Illuminate\View\View::class,
    Illuminate\Database\Eloquent\Collection::class, Illuminate\Database\Eloquent\Relations\HasMany::class, Illuminate\Cache\ApcStore::class,
    Illuminate\Cache\RateLimiter::class, Carbon\CarbonImmutable::class, Carbon\Unit::class, Brick\Math\BigDecimal::class, Symfony\Component\HttpFoundation\Cookie::class,
    // What a click needs that adds.
    App\Carts\AddedGoods::class, App\Database\Contention::class, App\Database\OwnConnection::class, App\Database\Rows::class, App\Carts\BegunCart::class, App\Clicks\Did::class, App\Clicks\FollowStraight::class, App\Clicks\Straight::class, App\Results\CountedShop::class, App\Clicks\Filled::class, App\Clicks\Filling::class, App\Results\Event::class, App\Results\EventGoods::class, App\Results\EventRows::class, App\Results\Source::class, App\Models\Variant::class, App\Models\PickKey::class,
    PaperKite\Offer\CartUse::class, PaperKite\Offer\Onwards::class, PaperKite\Offer\Opening::class, PaperKite\Offer\Step::class, PaperKite\Offer\Steps::class, PaperKite\Catalogue\Quantity::class, PaperKite\Catalogue\Terms::class, PaperKite\Catalogue\TermsKind::class,
    Illuminate\Database\ConnectionResolver::class, Illuminate\Database\Eloquent\SoftDeletingScope::class, Illuminate\Database\Eloquent\Relations\BelongsTo::class, Illuminate\Support\Onceable::class, Laravel\SerializableClosure\Support\ReflectionClosure::class,
    Illuminate\Cache\Events\RetrievingKey::class, Illuminate\Cache\Events\CacheHit::class, Carbon\OverflowMode::class, Carbon\WrapperClock::class, Illuminate\Support\Facades\Date::class, App\Time\ClockedDates::class,
    PaperKite\Offer\Offer::class, PaperKite\Quote\Quote::class, PaperKite\Money\Money::class, Symfony\Component\Intl\Countries::class,
] as $class) {
    class_exists($class);
}

// What every request of the console needs, beside what it is about.
foreach ([
    App\Http\Console\ConsoleHeaders::class, App\Http\Console\EndOldSessions::class, App\Http\Console\CheckToken::class, App\Http\Console\Session\Sessions::class, App\Models\Person::class, App\Policies\ShopPolicy::class,
    Illuminate\Cookie\Middleware\EncryptCookies::class, Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse::class, Illuminate\Cookie\CookieValuePrefix::class, Illuminate\Encryption\Encrypter::class,
    Illuminate\Session\Middleware\StartSession::class, Illuminate\Session\SymfonySessionDecorator::class, Illuminate\Routing\Middleware\SubstituteBindings::class, Illuminate\Routing\ImplicitRouteBinding::class, Illuminate\Routing\RouteSignatureParameters::class,
    Illuminate\Auth\AuthManager::class, Illuminate\Auth\SessionGuard::class, Illuminate\Auth\RequestGuard::class, Illuminate\Auth\EloquentUserProvider::class, Illuminate\Auth\Events\Authenticated::class, Illuminate\Hashing\HashManager::class, Illuminate\Support\Timebox::class, Laravel\Sanctum\Guard::class,
    Illuminate\Auth\Middleware\Authorize::class, Illuminate\Auth\Access\Gate::class, Illuminate\Auth\Access\Response::class, Illuminate\Auth\Access\Events\GateEvaluated::class,
    Illuminate\Foundation\Http\FormRequest::class, Illuminate\Validation\Factory::class, Illuminate\Validation\Validator::class, Illuminate\Validation\ValidationRuleParser::class, Illuminate\Validation\DatabasePresenceVerifier::class, Illuminate\Validation\Rules\Enum::class,
    Illuminate\Translation\FileLoader::class, Illuminate\Translation\Translator::class, Illuminate\Http\JsonResponse::class, Illuminate\Foundation\Events\Terminating::class,
] as $class) {
    class_exists($class);
}

// Nearly every browser says in which languages it reads, and a listed proxy for whom it asks: what is loaded for that, too.
ShopperCountry::fromLanguages('en-GB');
IpUtils::checkIp('203.0.113.1', ['203.0.113.0/24']);

// Composer's own files define functions when they are required, and would define them twice.
$functions = array_map(realpath(...), array_values(require "{$root}/vendor/composer/autoload_files.php"));
$isClass = static fn (string $file): bool => preg_match('~^'.preg_quote($root, '~').'/(vendor|app|core)/~', $file) === 1
    && ! str_contains($file, '/vendor/composer/') && ! str_ends_with($file, '/vendor/autoload.php')
    && ! in_array($file, $functions, true)
    && preg_match('/^(?:(?:abstract|final|readonly) )*(?:class|interface|trait|enum) /m', (string) file_get_contents($file)) === 1;
// The rules of the job are many small files, of which a quote or a proof asks a hundred.
$rules = array_map(static fn (SplFileInfo $file): string => $file->getPathname(), iterator_to_array(new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/core", FilesystemIterator::SKIP_DOTS)), false));
sort($rules);
echo implode("\n", array_filter(array_unique([...get_included_files(), ...$rules]), $isClass)), "\n";
