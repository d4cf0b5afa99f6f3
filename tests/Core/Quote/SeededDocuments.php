<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PaperKite\Quote\Document\DocumentReader;
use PaperKite\Quote\Document\ReceiptWriter;
use PaperKite\Quote\Fault;
use PaperKite\Quote\Quote;
use PaperKite\Quote\Unquotable;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Quote documents of every kind of goods, drawn from a number: the same number is the same document for good. */
final readonly class SeededDocuments
{
    private const DIGITS = ['EUR' => 2, 'JPY' => 0, 'KWD' => 3];

    private const COUNTRIES = ['IE', 'DE', 'GB', 'US'];

    private const CLASSES = ['standard', 'food'];

    private Randomizer $chance;

    private string $currency;

    private function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->currency = $this->oneOf(['EUR', 'EUR', 'EUR', 'JPY', 'KWD']);
    }

    /** Twelve hexadecimal digits that stand for the receipt, or for what is wrong with the document; sentences are left out. */
    public static function digest(int $seed): string
    {
        $document = json_encode(self::document($seed), JSON_THROW_ON_ERROR);
        try {
            $receipt = (array) json_decode(ReceiptWriter::receipt(Quote::of(DocumentReader::read($document))), true);
            unset($receipt['because'], $receipt['findings']);
            $receipt['lines'] = array_map(static fn (mixed $line): array => array_diff_key((array) $line, ['because' => true]), (array) $receipt['lines']);
        } catch (Unquotable $unquotable) {
            $receipt = array_map(static fn (Fault $fault): string => $fault->at, $unquotable->faults);
        }

        return substr(hash('sha256', json_encode($receipt, JSON_THROW_ON_ERROR)), 0, 12);
    }

    /** @return array<string, mixed> */
    public static function document(int $seed): array
    {
        return (new self($seed))->drawn();
    }

    /** @return array<string, mixed> */
    private function drawn(): array
    {
        $shop = $this->shop();
        $products = array_map(fn (int $i): array => $this->product("goods-{$i}"), range($this->number(1, 6), 1));
        $cart = [];
        for ($i = $this->number(0, 5); $i > 0; $i--) {
            $cart[] = $this->line($this->oneOf($products));
        }

        return array_filter([
            'shop' => $shop,
            'products' => $products,
            'cart' => $cart,
            'coupon' => $this->isSo(40) ? $this->coupon($products) : null,
            'gift_cards' => $this->isSo(20) ? [['code' => 'GIFT-1', 'balance' => $this->amount(1, 8000)], ['code' => 'GIFT-2', 'balance' => $this->amount(1, 8000)]] : null,
            'country' => $this->oneOf(['IE', 'IE', 'DE', 'GB', 'US', 'NZ']),
            'at' => sprintf('2026-%02d-%02dT%02d:%02d:00+00:00', $this->number(1, 12), $this->number(1, 28), $this->number(0, 23), $this->number(0, 59)),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> */
    private function shop(): array
    {
        $tax = [];
        foreach (self::COUNTRIES as $country) {
            foreach (self::CLASSES as $class) {
                if ($this->isSo(60)) {
                    $tax[] = ['country' => $country, 'class' => $class, 'rate' => $this->oneOf(['0', '7', '9.5', '19', '23', '33.333'])];
                }
            }
        }

        return [
            'currency' => $this->currency,
            'prices_include_tax' => $this->isSo(50),
            'timezone' => $this->oneOf(['UTC', 'Europe/Dublin', 'Asia/Kathmandu', 'Pacific/Marquesas']),
            'payment_fee' => $this->isSo(50) ? ['percent' => $this->oneOf(['0', '1.9', '2.75']), 'fixed' => $this->amount(0, 60)] : null,
            'shipping_tax_class' => $this->isSo(60) ? 'standard' : null,
            'tax' => $tax,
            'zones' => $this->zones(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function zones(): array
    {
        $zones = [
            ['name' => 'Home', 'countries' => ['IE'], 'table' => $this->table()] + ($this->isSo(40) ? ['free_from' => $this->amount(1000, 9000)] : []),
            ['name' => 'Near', 'countries' => ['DE', 'GB']] + ($this->isSo(60) ? ['table' => $this->table()] : []),
        ];

        return $this->isSo(60) ? [...$zones, ['name' => 'Anywhere', 'countries' => ['*']] + ($this->isSo(50) ? ['table' => $this->table()] : [])] : $zones;
    }

    /** @return array<string, mixed> */
    private function table(): array
    {
        $by = $this->oneOf(['total', 'weight', 'quantity']);
        $measured = fn (int $value): int|string => $by === 'total' ? $this->written($value) : $value;
        $step = $by === 'quantity' ? 3 : 2000;
        $bands = [];
        for ($i = 0, $most = $this->number(1, 3); $i < $most; $i++) {
            $bands[] = ['from' => $measured($i * $step), 'fee' => $this->amount(0, 1500)];
        }

        return ['by' => $by, 'bands' => $bands] + ($this->isSo(30) ? ['limit' => $measured(6 * $step)] : []);
    }

    /** @return array<string, mixed> */
    private function product(string $sku): array
    {
        $kind = $this->oneOf(['physical', 'physical', 'physical', 'digital', 'service', 'donation', 'gift_card']);
        $product = ['sku' => $sku, 'name' => "Goods {$sku}", 'kind' => $kind, 'price' => $this->amount(100, 6000)];
        if (in_array($kind, ['donation', 'gift_card'], true)) {
            return $product + ($this->isSo(50) ? ['amount' => ['min' => $this->amount(50, 300), 'max' => $this->amount(4000, 9000)]] : []);
        }
        $product += $this->isSo(50) ? ['tax_class' => $this->oneOf(self::CLASSES)] : [];
        $product += $this->isSo(50) ? ['cost' => $this->amount(10, 3000)] : [];
        $product += $this->isSo(30) ? ['sale' => $this->sale()] : [];
        if ($kind === 'physical') {
            $product += ['weight_g' => $this->number(0, 2500)] + ($this->isSo(40) ? ['shipping' => ['first' => $this->amount(0, 900), 'more' => $this->amount(0, 400)]] : []);
        }

        return $product + match ($this->number(0, 4)) {
            0 => $this->variants($sku),
            1 => ['plans' => [$this->plan('monthly'), $this->plan('yearly')]],
            2 => ['instalments' => ['payments' => $this->number(2, 7)] + ($this->isSo(50) ? ['deposit' => $this->amount(20, 400)] : [])],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private function variants(string $sku): array
    {
        $variant = fn (string $size, string $print): array => ['sku' => "{$sku}-{$size}-{$print}", 'choices' => [$size, $print]]
            + ($this->isSo(25) ? ['price' => $this->amount(100, 6000)] + ($this->isSo(40) ? ['sale' => $this->sale()] : []) : [])
            + ($this->isSo(25) ? ['cost' => $this->amount(10, 900)] : []);

        return [
            'options' => [
                ['name' => 'Size', 'choices' => [['name' => 'S', 'price' => $this->amount(100, 4000)] + ($this->isSo(30) ? ['sale' => $this->sale()] : []), ['name' => 'L', 'price' => $this->amount(100, 4000)]]],
                ['name' => 'Print', 'choices' => [['name' => 'Plain'], ['name' => 'Clover', 'adds' => $this->amount(0, 500)]]],
            ],
            'variants' => [$variant('S', 'Plain'), $variant('S', 'Clover'), $variant('L', 'Clover')],
        ];
    }

    /** @return array<string, mixed> */
    private function plan(string $code): array
    {
        return ['code' => $code, 'price' => $this->amount(100, 3000), 'every' => $this->number(1, 3), 'unit' => $this->oneOf(['week', 'month', 'quarter', 'year'])]
            + ($this->isSo(30) ? ['sale' => $this->sale()] : [])
            + ($this->isSo(30) ? ['sign_up' => $this->amount(1, 900)] : [])
            + ($this->isSo(30) ? ['trial_days' => $this->number(1, 45)] : [])
            + ($this->isSo(40) ? ['payments' => $this->number(1, 20)] : []);
    }

    /** @return array<string, string> */
    private function sale(): array
    {
        return ['price' => $this->amount(10, 3000)] + array_filter(['from' => $this->isSo(60) ? '2026-04-01T00:00:00+02:00' : '', 'until' => $this->isSo(60) ? '2026-09-30T12:30:00-05:00' : '']);
    }

    /**
     * @param  array<string, mixed>  $product
     * @return array<string, mixed>
     */
    private function line(array $product): array
    {
        $variants = (array) ($product['variants'] ?? []);
        $variant = $variants === [] ? $product : (array) $this->oneOf($variants);
        $line = ['sku' => $variant['sku'], 'quantity' => $this->number(1, 4)];

        return $line + match (true) {
            isset($product['plans']) => $this->isSo(80) ? ['plan' => $this->oneOf(['monthly', 'yearly'])] : [],
            isset($product['instalments']) => $this->isSo(70) ? ['instalments' => true] : [],
            in_array($product['kind'], ['donation', 'gift_card'], true) => $this->isSo(60) ? ['amount' => $this->amount(20, 9500)] : [],
            default => [],
        };
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $products
     * @return array<string, mixed>
     */
    private function coupon(array $products): array
    {
        $kind = $this->oneOf(['percent', 'percent', 'amount', 'free_shipping']);

        return ['code' => 'BLOSSOM', 'kind' => $kind]
            + match ($kind) {
                'percent' => ['value' => $this->oneOf(['5', '12.5', '33.333', '100'])],
                'amount' => ['value' => $this->amount(10, 5000)],
                default => [],
            }
            + ($this->isSo(40) ? ['min_spend' => $this->amount(100, 6000)] : [])
            + ($this->isSo(30) ? ['skus' => [$this->oneOf($products)['sku']]] : [])
            + ($this->isSo(20) ? ['from' => '2026-03-01T00:00:00Z', 'until' => '2026-10-31T23:59:59Z'] : []);
    }

    private function amount(int $least, int $most): string
    {
        return $this->written($this->number($least, $most));
    }

    /** @param  int  $minor  minor units */
    private function written(int $minor): string
    {
        $digits = self::DIGITS[$this->currency];
        $text = str_pad((string) $minor, $digits + 1, '0', STR_PAD_LEFT);

        return $digits === 0 ? $text : substr($text, 0, -$digits).'.'.substr($text, -$digits);
    }

    private function isSo(int $percent): bool
    {
        return $this->number(1, 100) <= $percent;
    }

    private function number(int $least, int $most): int
    {
        return $this->chance->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $values
     * @return T
     */
    private function oneOf(array $values): mixed
    {
        return array_values($values)[$this->number(0, count($values) - 1)];
    }
}
