<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Offer;
use App\Models\Person;
use App\Models\Product;
use App\Models\Shop;
use DateTimeZone;
use PaperKite\Catalogue\Drawing;
use PaperKite\Look\Colour;
use PaperKite\Look\PageFont;
use PaperKite\Look\PageLook;
use PaperKite\Money\Percentage;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\People\Role;
use PaperKite\Quote\PaymentFee;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;

/** A second shop of the same person, small, in another currency. */
final readonly class QuayPottery
{
    /** @return Offer that stands on a page beside one of the apiary's */
    public function load(): Offer
    {
        $shop = Shop::query()->create(['slug' => 'quay-pottery', 'name' => 'Quay Pottery', 'host' => 'quay-pottery.localhost', 'currency' => 'GBP', 'page_look' => new PageLook(Colour::of(0xF6, 0xF2, 0xEE), Colour::of(0x8A, 0x4B, 0x2A), PageFont::Serif), 'payee' => 'quay-pottery']);
        Person::query()->where('email', 'wren@mosslight.example')->firstOrFail()->shops()->attach($shop->id, ['role' => Role::Owner]);
        $shop->update(['rules' => new ShopRules(
            $shop->currency(),
            new DateTimeZone('Europe/London'),
            new TaxRates(true, ['GB' => ['standard' => Percentage::fromEntry('20')]]),
            'standard',
            [new ShippingZone('Anywhere', [ShippingZone::ANYWHERE], null, new ShippingTable(ShippingMeasure::Total, [new ShippingBand(0, $shop->money(480))], null))],
            new PaymentFee(Percentage::fromEntry('1.9'), $shop->money(20)),
        )]);
        $mug = $this->product($shop, 'mug', 'Salt-glazed mug', 1850, Drawing::SmallJar, 14, '<p>Holds a pint, and keeps it warm.</p>');
        $this->product($shop, 'jar', 'Lidded jar, half a litre', 2600, Drawing::HoneyJar, 6, '<p>For honey that is eaten from the table.</p>');
        $this->product($shop, 'can', 'Little watering can', 3100, Drawing::WateringCan, 3, '<p>Of stoneware, for the window sill.</p>');
        $offer = $shop->offers()->create(['caption' => 'Take the mug', 'destination' => Onwards::Stay, 'cart_use' => CartUse::WithCart, 'opening' => Opening::SameTab, 'state' => OfferState::Live]);
        $offer->lines()->create(['shop_id' => $shop->id, 'position' => 0, 'product_id' => $mug->id, 'quantity' => 1]);

        return $offer;
    }

    private function product(Shop $shop, string $sku, string $name, int $price, Drawing $picture, int $stock, string $summary): Product
    {
        return $shop->products()->create(['sku' => $sku, 'name' => $name, 'price_minor' => $price, 'currency' => $shop->currency, 'picture' => $picture, 'stock' => $stock, 'weight_unit' => 'g', 'weight' => '400', 'weight_g' => 400, 'summary' => $summary]);
    }
}
