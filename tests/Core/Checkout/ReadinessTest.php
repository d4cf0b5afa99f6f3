<?php

declare(strict_types=1);

namespace Tests\Core\Checkout;

use DateTimeZone;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\Missing;
use PaperKite\Checkout\Readiness;
use PaperKite\Money\Currency;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

final class ReadinessTest extends TestCase
{
    /** @param  list<Missing>  $missing */
    #[DataProvider('shops')]
    public function test_each_thing_that_is_missing_is_named(Readiness $shop, array $missing): void
    {
        self::assertSame($missing, $shop->missing());
    }

    /** @return iterable<string, array{Readiness, list<Missing>}> */
    public static function shops(): iterable
    {
        yield 'all is there' => [self::shop(), []];
        yield 'no provider' => [self::shop(hasProvider: false), [Missing::Provider]];
        yield 'no payee' => [self::shop(hasPayee: false), [Missing::Payee]];
        yield 'nothing to sell' => [self::shop(sells: false), [Missing::Products]];
        yield 'nowhere to ship to' => [self::shop(zones: []), [Missing::Zones]];
        yield 'nowhere to ship to, and nothing that ships' => [self::shop(zones: [], ships: false), []];
        yield 'no tax' => [self::shop(isTaxed: false), [Missing::TaxRates]];
        yield 'no tax, and nothing to tax' => [self::shop(sells: false, isTaxed: false), [Missing::Products]];
        yield 'no words' => [self::shop(checkout: new CheckoutRules), [Missing::Terms, Missing::Policy]];
        yield 'nothing at all' => [self::shop(false, false, false, false, [], new CheckoutRules, false), [Missing::Provider, Missing::Payee, Missing::Products, Missing::Terms, Missing::Policy]];
    }

    public function test_each_says_what_it_is_and_why_and_which_stop_all_sales(): void
    {
        foreach (Missing::cases() as $missing) {
            self::assertNotSame('', $missing->what());
            self::assertMatchesRegularExpression('/\.\z/', $missing->why());
        }
        self::assertSame([Missing::Provider, Missing::Payee, Missing::Products, Missing::Zones], array_values(array_filter(Missing::cases(), static fn (Missing $one): bool => $one->standsInTheWay())));
    }

    /** @param  list<ShippingZone>|null  $zones */
    private static function shop(bool $hasProvider = true, bool $hasPayee = true, bool $sells = true, bool $ships = true, ?array $zones = null, ?CheckoutRules $checkout = null, bool $isTaxed = true): Readiness
    {
        $rules = new ShopRules(Currency::of('EUR'), new DateTimeZone('Europe/Dublin'), $isTaxed ? Samples::noTax() : new TaxRates(true, []), null, $zones ?? [new ShippingZone('Home', ['IE'])]);

        return new Readiness($hasProvider, $hasPayee, $rules, $checkout ?? new CheckoutRules(terms: '<p>Fair.</p>', policy: '<p>Kept.</p>'), $sells, $ships);
    }
}
