<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PaperKite\Quote\Document\DocumentReader;
use PaperKite\Quote\Fault;
use PaperKite\Quote\Quote;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\Unquotable;

/** One valid quote document with a product of each kind, from which a test changes what it is about. */
final class Documents
{
    /** @return array<string, mixed> */
    public static function valid(): array
    {
        return [
            'shop' => [
                'currency' => 'EUR', 'prices_include_tax' => true, 'timezone' => 'Europe/Dublin',
                'payment_fee' => ['percent' => '1.9', 'fixed' => '0.30'], 'shipping_tax_class' => 'standard',
                'tax' => [['country' => 'IE', 'class' => 'standard', 'rate' => '23'], ['country' => 'IE', 'class' => 'food', 'rate' => '0']],
                'zones' => [
                    ['name' => 'Home', 'countries' => ['IE'], 'free_from' => '60.00', 'table' => ['by' => 'total', 'bands' => [['from' => '0', 'fee' => '3.90'], ['from' => '20.00', 'fee' => '5.90']]]],
                    ['name' => 'Europe', 'countries' => ['DE', 'FR'], 'table' => ['by' => 'weight', 'limit' => 20000, 'bands' => [['from' => 0, 'fee' => '6.50'], ['from' => 1000, 'fee' => '9.80']]]],
                    ['name' => 'Isles', 'countries' => ['GB']],
                ],
            ],
            'products' => [
                ['sku' => 'honey', 'name' => 'Honey', 'kind' => 'physical', 'price' => '9.80', 'sale' => ['price' => '8.40', 'from' => '2026-05-01T00:00:00+01:00', 'until' => '2026-05-15T00:00:00+01:00'], 'cost' => '4.10', 'tax_class' => 'food', 'weight_g' => 520, 'shipping' => ['first' => '4.00', 'more' => '1.50']],
                ['sku' => 'wrap', 'name' => 'Wrap', 'kind' => 'physical', 'price' => '7.00', 'options' => [
                    ['name' => 'Size', 'choices' => [['name' => 'Small', 'price' => '6.50'], ['name' => 'Large', 'price' => '11.00']]],
                    ['name' => 'Print', 'choices' => [['name' => 'Plain'], ['name' => 'Clover', 'adds' => '0.75']]],
                ], 'variants' => [['sku' => 'wrap-s', 'choices' => ['Small', 'Plain']], ['sku' => 'wrap-l', 'choices' => ['Large', 'Clover'], 'weight_g' => 95, 'cost' => '3.10']]],
                ['sku' => 'adopt', 'name' => 'Adopt a hive', 'kind' => 'service', 'plans' => [['code' => 'monthly', 'price' => '9.00', 'every' => 1, 'unit' => 'month']]],
                ['sku' => 'hive', 'name' => 'Starter hive', 'kind' => 'physical', 'price' => '349.00', 'weight_g' => 14500, 'instalments' => ['payments' => 3, 'deposit' => '50.00']],
                ['sku' => 'hedgerow', 'name' => 'Hedgerow fund', 'kind' => 'donation', 'price' => '10.00', 'amount' => ['min' => '2.00', 'max' => '500.00']],
                ['sku' => 'card', 'name' => 'Gift card', 'kind' => 'gift_card', 'price' => '25.00'],
            ],
            'cart' => [['sku' => 'honey', 'quantity' => 1]],
            'country' => 'IE',
            'at' => '2026-04-20T10:00:00+01:00',
        ];
    }

    /**
     * @param  array<string, mixed>  $changes  values by path (`shop.zones.0.name`); the value `removed()` takes the key away
     * @return array<string, mixed>
     */
    public static function with(array $changes): array
    {
        $document = self::valid();
        foreach ($changes as $path => $value) {
            /** @var array<string, mixed> $document */
            $document = self::changed($document, explode('.', (string) $path), $value);
        }

        return $document;
    }

    /**
     * @param  array<mixed>  $node
     * @param  list<string>  $keys
     * @return array<mixed>
     */
    private static function changed(array $node, array $keys, mixed $value): array
    {
        $key = array_shift($keys) ?? '';
        if ($keys !== []) {
            $node[$key] = self::changed((array) ($node[$key] ?? []), $keys, $value);
        } elseif ($value === self::removed()) {
            unset($node[$key]);
        } else {
            $node[$key] = $value;
        }

        return $node;
    }

    public static function removed(): string
    {
        return '(removed)';
    }

    /** @param  array<string, mixed>  $document */
    public static function quote(array $document): Receipt
    {
        return Quote::of(DocumentReader::read(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string> where its faults are
     */
    public static function faultsOf(array $document): array
    {
        try {
            self::quote($document);
        } catch (Unquotable $unquotable) {
            return array_map(static fn (Fault $fault): string => $fault->at, $unquotable->faults);
        }

        return [];
    }
}
