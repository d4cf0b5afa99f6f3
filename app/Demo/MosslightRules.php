<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Shop;
use DateTimeZone;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\Demand;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Quote\CouponKind;
use PaperKite\Quote\PaymentFee;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;

/** What the made-up beekeeper charges for sending, which taxes there are, and how the checkout asks. */
final readonly class MosslightRules
{
    public function load(Shop $shop): void
    {
        $money = $shop->money(...);
        $shop->update(['rules' => new ShopRules(
            $shop->currency(),
            new DateTimeZone('Europe/Dublin'),
            new TaxRates(true, [
                'IE' => ['standard' => Percentage::fromEntry('23'), 'food' => Percentage::fromEntry('0')],
                'DE' => ['standard' => Percentage::fromEntry('19'), 'food' => Percentage::fromEntry('7')],
            ]),
            'standard',
            [
                new ShippingZone('Home', ['IE'], $money(6000), $this->table(ShippingMeasure::Total, [[0, $money(390)], [2000, $money(590)], [4000, $money(490)]])),
                new ShippingZone('Europe', ['DE', 'ES', 'FR', 'GB'], null, $this->table(ShippingMeasure::Weight, [[0, $money(650)], [1000, $money(980)], [5000, $money(1500)]], 20_000)),
                new ShippingZone('Elsewhere', [ShippingZone::ANYWHERE], null, $this->table(ShippingMeasure::Quantity, [[0, $money(1400)], [4, $money(2200)]])),
            ],
            new PaymentFee(Percentage::fromEntry('1.9'), $money(30)),
        )]);
        $shop->update(['checkout_rules' => new CheckoutRules(
            [CheckoutField::Phone->value => Demand::Optional, CheckoutField::Comment->value => Demand::Optional],
            terms: '<p>Honey is sold as it comes from the hive. Jars that arrive broken are replaced; send a picture within a week.</p>',
            policy: '<p>Your address is used to send the parcel, and for nothing else.</p>',
        )]);
        $shop->coupons()->create(['code' => 'BLOSSOM', 'kind' => CouponKind::Percent, 'percent' => '15', 'min_spend_minor' => 2000]);
        $shop->coupons()->create(['code' => 'POSTFREE', 'kind' => CouponKind::FreeShipping, 'most_uses' => 50, 'most_uses_each' => 1]);
    }

    /** @param  non-empty-list<array{int, Money}>  $bands */
    private function table(ShippingMeasure $by, array $bands, ?int $limit = null): ShippingTable
    {
        return new ShippingTable($by, array_map(static fn (array $band): ShippingBand => new ShippingBand($band[0], $band[1]), $bands), $limit);
    }
}
