<?php

declare(strict_types=1);

namespace App\Models\Casts;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Quote\Document\Faults;
use PaperKite\Quote\Document\Node;
use PaperKite\Quote\Document\ShopReader;
use PaperKite\Quote\Fault;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\Unquotable;

/** A shop’s rules in the form of a quote document’s `shop`, so that they are read by the one reader there is. */
final readonly class RulesForm
{
    /** @param  array<string, list<string>>  $errors  sentences by path */
    private function __construct(
        public ?ShopRules $rules,
        public array $errors,
    ) {}

    public static function read(string $currency, mixed $entry): self
    {
        $faults = new Faults;
        $document = json_decode(json_encode(['currency' => $currency] + (array) $entry, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
        $rules = ShopReader::of(new Node($document, '', $faults))->rules();
        try {
            $faults->throwIfAny();
        } catch (Unquotable $unquotable) {
            return new self(null, self::byPath($unquotable->faults));
        }

        return new self($rules, []);
    }

    /** @return array<string, mixed> */
    public static function written(ShopRules $rules): array
    {
        $rates = [];
        foreach ($rules->tax->rates as $country => $byClass) {
            foreach ($byClass as $class => $rate) {
                $rates[] = ['country' => $country, 'class' => (string) $class, 'rate' => $rate->text];
            }
        }

        return [
            'prices_include_tax' => $rules->tax->areContained,
            'timezone' => $rules->timezone->getName(),
            'payment_fee' => ['percent' => $rules->paymentFee->percent->text ?? '0', 'fixed' => $rules->paymentFee?->fixed->decimal() ?? '0'],
            'shipping_tax_class' => $rules->shippingTaxClass,
            'tax' => $rates,
            'zones' => array_map(static fn (ShippingZone $zone): array => [
                'name' => $zone->name,
                'countries' => $zone->countries,
                'free_from' => $zone->freeFrom?->decimal(),
                'table' => $zone->table === null ? null : self::table($zone->table, $rules->currency),
            ], $rules->zones),
        ];
    }

    /** @return array<string, mixed> */
    private static function table(ShippingTable $table, Currency $currency): array
    {
        $measured = static fn (int $amount): int|string => $table->by === ShippingMeasure::Total ? Money::ofMinor($amount, $currency)->decimal() : $amount;

        return [
            'by' => $table->by->value,
            'limit' => $table->limit === null ? null : $measured($table->limit),
            'bands' => array_map(static fn (ShippingBand $band): array => ['from' => $measured($band->from), 'fee' => $band->fee->decimal()], $table->bands),
        ];
    }

    /**
     * @param  list<Fault>  $faults
     * @return array<string, list<string>>
     */
    private static function byPath(array $faults): array
    {
        $byPath = [];
        foreach ($faults as $fault) {
            $byPath[$fault->at][] = $fault->message;
        }

        return $byPath;
    }
}
