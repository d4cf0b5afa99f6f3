<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use DateTimeZone;
use PaperKite\Money\Currency;
use PaperKite\Money\Percentage;
use PaperKite\Money\UnknownCurrency;
use PaperKite\Quote\PaymentFee;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;

/** Reads `shop` of a quote document. */
final readonly class ShopReader
{
    private const KEYS = ['currency', 'prices_include_tax', 'timezone', 'shipping_tax_class', 'tax', 'zones'];

    private function __construct(
        private ?ObjectNode $shop,
        /** `null` where it is not known; that has been noted. */
        public ?Currency $currency,
    ) {}

    public static function of(?Node $node): self
    {
        $shop = $node?->object(self::KEYS, ['payment_fee']);

        return new self($shop, self::currency($shop?->at('currency')));
    }

    /** @return ShopRules|null `null` where something is wrong without which there are no rules; it has been noted */
    public function rules(): ?ShopRules
    {
        if ($this->shop === null) {
            return null;
        }
        $contained = $this->shop->at('prices_include_tax')?->boolean() ?? false;
        $timezone = self::timezone($this->shop->at('timezone'));
        $class = $this->shop->at('shipping_tax_class');
        $taxClass = $class?->is(null) === true ? null : $class?->text();
        $rates = self::rates($this->shop->items('tax'));
        $zones = $this->zones($this->shop->items('zones'));
        $fee = $this->paymentFee($this->shop->at('payment_fee'));

        return $this->currency === null || $timezone === null
            ? null
            : new ShopRules($this->currency, $timezone, new TaxRates($contained, $rates), $taxClass, $zones, $fee);
    }

    private static function currency(?Node $node): ?Currency
    {
        $code = $node?->text();
        if ($node === null || $code === null) {
            return null;
        }
        try {
            return Currency::of($code);
        } catch (UnknownCurrency $unknown) {
            return $node->refuse($unknown->getMessage());
        }
    }

    private static function timezone(?Node $node): ?DateTimeZone
    {
        $name = $node?->text();
        if ($node === null || $name === null) {
            return null;
        }

        return in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)
            ? new DateTimeZone($name)
            : $node->refuse('This must be a time zone by its IANA name, such as “Europe/Dublin”.');
    }

    /**
     * @param  list<Node>  $nodes
     * @return array<string, array<string, Percentage>>
     */
    private static function rates(array $nodes): array
    {
        $rates = [];
        foreach ($nodes as $node) {
            $row = $node->object(['country', 'class', 'rate'], []);
            $country = $row?->at('country')?->country();
            $class = $row?->at('class')?->text();
            $rate = $row?->at('rate')?->percentage();
            if ($country !== null && $class !== null) {
                if (isset($rates[$country][$class])) {
                    $node->refuse("“{$class}” has a rate for {$country} already; keep one of them.");
                }
                $rates[$country][$class] = $rate ?? Percentage::zero();
            }
        }

        return $rates;
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<ShippingZone>
     */
    private function zones(array $nodes): array
    {
        $zones = [];
        $taken = [];
        foreach ($nodes as $node) {
            $zone = $node->object(['name', 'countries'], ['free_from', 'table']);
            $name = $zone?->at('name')?->text();
            $countries = [];
            foreach ($zone?->items('countries') ?? [] as $country) {
                $code = $country->is(ShippingZone::ANYWHERE) ? ShippingZone::ANYWHERE : $country->country();
                if ($code !== null && isset($taken[$code])) {
                    $country->refuse("“{$code}” is in a zone already; a country is in one zone.");
                } elseif ($code !== null) {
                    $taken[$code] = true;
                    $countries[] = $code;
                }
            }
            $zones[] = new ShippingZone($name ?? '', $countries, $zone?->at('free_from')?->amount($this->currency), $this->table($zone?->at('table')));
        }

        return $zones;
    }

    private function table(?Node $node): ?ShippingTable
    {
        $table = $node?->object(['by', 'bands'], ['limit']);
        $by = $table?->at('by')?->oneOf(ShippingMeasure::class);
        $bandsNode = $table?->at('bands');
        $bands = [];
        $before = null;
        foreach ($bandsNode?->items() ?? [] as $i => $bandNode) {
            $band = $bandNode->object(['from', 'fee'], []);
            $from = $this->measured($band?->at('from'), $by);
            $fee = $band?->at('fee')?->amount($this->currency);
            if ($from !== null && $i === 0 && $from !== 0) {
                $band?->at('from')?->refuse('The first band begins at 0.');
            } elseif ($from !== null && $before !== null && $from <= $before) {
                $band?->at('from')?->refuse('Each band begins above the one before it.');
            }
            $before = $from ?? $before;
            if ($from !== null && $fee !== null) {
                $bands[] = new ShippingBand($from, $fee);
            }
        }
        $limit = $this->measured($table?->at('limit'), $by);
        if ($bandsNode?->is([]) === true) {
            $bandsNode->refuse('A table has at least one band, from 0.');
        }

        return $by === null || $bands === [] ? null : new ShippingTable($by, $bands, $limit);
    }

    /** @return int|null minor units, grams or pieces */
    private function measured(?Node $node, ?ShippingMeasure $by): ?int
    {
        return match ($by) {
            null => null,
            ShippingMeasure::Total => $node?->amount($this->currency)?->minor,
            ShippingMeasure::Weight, ShippingMeasure::Quantity => $node?->integer(0),
        };
    }

    private function paymentFee(?Node $node): ?PaymentFee
    {
        $fee = $node?->object(['percent', 'fixed'], []);
        $percent = $fee?->at('percent')?->percentage();
        $fixed = $fee?->at('fixed')?->amount($this->currency);

        return $percent === null || $fixed === null ? null : new PaymentFee($percent, $fixed);
    }
}
