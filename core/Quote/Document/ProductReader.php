<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Catalogue\AmountLimits;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Instalments;
use PaperKite\Catalogue\ItemShipping;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Plan;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\Sale;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Variant;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Time\Interval;
use PaperKite\Time\IntervalUnit;

/** Reads `products` of a quote document. */
final class ProductReader
{
    private const OPTIONAL = ['price', 'sale', 'cost', 'tax_class', 'weight_g', 'shipping', 'amount', 'options', 'variants', 'plans', 'instalments'];

    /** What a product that is money itself does not have. */
    private const NOT_OF_MONEY = ['options', 'variants', 'plans', 'instalments', 'sale'];

    /** Of the unit of an interval: far from where dates end. */
    private const MOST_INTERVALS = 10_000;

    /** @var array<string, true> the SKUs read so far */
    private array $taken = [];

    public function __construct(private readonly ?Currency $currency) {}

    /** @return Product|null `null` where it could not be read; what is wrong has been noted */
    public function read(Node $node): ?Product
    {
        $product = $node->object(['sku', 'name', 'kind'], self::OPTIONAL);
        if ($product === null) {
            return null;
        }
        $sku = $this->freeSku($product->at('sku'));
        $name = $product->at('name')?->text();
        $kind = $product->at('kind')?->oneOf(ProductKind::class);
        $price = $this->price($product);
        $cost = $product->at('cost')?->amount($this->currency);
        $class = $product->at('tax_class')?->text();
        $weight = $product->at('weight_g')?->integer(0);
        $shipping = $this->shipping($product->at('shipping'));
        $limits = $this->limits($product->at('amount'));
        $options = $this->options($product);
        $variants = $this->variants($product, $options);
        $plans = $this->plans($product);
        $instalments = $this->instalments($product->at('instalments'));
        if ($kind?->isMoneyItself() === true) {
            $this->mustBeMoneyAlone($product);
        }
        if ($product->at('price') === null && ! $product->has('plans')) {
            $product->refuse('price', 'The price is missing; only a product with plans can do without one.');
        }

        // Of an unknown kind anything may be asked, so that only the kind is told to be wrong.
        return $sku === null ? null : new Product(
            $sku, $name ?? '', $kind ?? ProductKind::GiftCard, $price, $cost, $class ?? Product::USUAL_TAX_CLASS, $weight ?? 0, $shipping, $limits, $options, $variants, $plans, $instalments,
        );
    }

    private function mustBeMoneyAlone(ObjectNode $product): void
    {
        foreach (self::NOT_OF_MONEY as $key) {
            if ($product->has($key)) {
                $product->refuse($key, "A donation or gift card has no {$key}; remove this.");
            }
        }
    }

    private function freeSku(?Node $node): ?Sku
    {
        $sku = $node?->sku();
        if ($sku !== null && isset($this->taken[$sku->text])) {
            $node?->refuse("The SKU “{$sku->text}” is taken already; products and variants each have their own.");
        }
        if ($sku !== null) {
            $this->taken[$sku->text] = true;
        }

        return $sku;
    }

    /** A price and the sale next to it, from whatever may carry them. */
    private function price(ObjectNode $owner): ?Price
    {
        $regular = $owner->at('price')?->amount($this->currency);
        $node = $owner->at('sale');
        $sale = $node?->object(['price'], ['from', 'until']);
        if ($node !== null && $owner->at('price') === null) {
            $node->refuse('A sale stands next to the price that it replaces; set the price, or remove the sale.');
        }
        $price = $sale?->at('price')?->amount($this->currency);
        $from = $sale?->at('from')?->moment();
        $until = $sale?->at('until')?->moment();

        return $regular === null ? null : new Price($regular, $price === null ? null : new Sale($price, $from, $until));
    }

    private function shipping(?Node $node): ?ItemShipping
    {
        $fees = $node?->object(['first', 'more'], []);
        $first = $fees?->at('first')?->amount($this->currency);
        $more = $fees?->at('more')?->amount($this->currency);

        return $first === null || $more === null ? null : new ItemShipping($first, $more);
    }

    private function limits(?Node $node): ?AmountLimits
    {
        $limits = $node?->object([], ['min', 'max']);

        return $limits === null ? null : new AmountLimits($limits->at('min')?->amount($this->currency), $limits->at('max')?->amount($this->currency));
    }

    /** @return list<Option> */
    private function options(ObjectNode $product): array
    {
        $options = [];
        $priced = false;
        foreach ($product->items('options') as $node) {
            $entry = $node->object(['name', 'choices'], []);
            if ($entry?->at('choices')?->is([]) === true) {
                $entry->refuse('choices', 'An option needs at least one choice.');
            }
            $option = new Option($entry?->at('name')?->text() ?? '', $this->choices($entry?->items('choices') ?? []));
            if ($priced && $option->setsPrices()) {
                $node->refuse('Another option sets the price already; let the choices of this one add to it.');
            }
            $priced = $priced || $option->setsPrices();
            $options[] = $option;
        }

        return $options;
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<Choice>
     */
    private function choices(array $nodes): array
    {
        $choices = [];
        foreach ($nodes as $node) {
            $entry = $node->object(['name'], ['price', 'sale', 'adds']);
            if ($entry === null) {
                continue;
            }
            $name = $entry->at('name')?->text();
            $price = $this->price($entry);
            $adds = $entry->at('adds')?->amount($this->currency);
            if ($entry->at('price') !== null) {
                $entry->at('adds')?->refuse('A choice sets a price or adds to it, not both; remove one.');
            }
            if ($name !== null && in_array($name, array_column($choices, 'name'), true)) {
                $entry->at('name')?->refuse("There is a choice “{$name}” already.");
            }
            $choices[] = new Choice($name ?? '', $price, $adds);
        }

        return $choices;
    }

    /**
     * @param  list<Option>  $options
     * @return list<Variant>
     */
    private function variants(ObjectNode $product, array $options): array
    {
        $nodes = $product->items('variants');
        if ($options !== [] && ! $product->has('variants')) {
            $product->at('options')?->refuse('Options need variants, one for each combination that is sold.');
        }
        if ($nodes !== [] && ! $product->has('options')) {
            $product->at('variants')?->refuse('Variants need options, from which each takes a choice.');
        }
        $variants = [];
        foreach ($nodes as $node) {
            $entry = $node->object(['sku', 'choices'], ['price', 'sale', 'cost', 'weight_g']);
            if ($entry === null) {
                continue;
            }
            $sku = $this->freeSku($entry->at('sku'));
            $choices = $this->chosen($entry->at('choices'), $options);
            $price = $this->price($entry);
            $cost = $entry->at('cost')?->amount($this->currency);
            $weight = $entry->at('weight_g')?->integer(0);
            if ($sku !== null) {
                $variants[] = new Variant($sku, $choices, $price, $cost, $weight);
            }
        }

        return $variants;
    }

    /**
     * @param  list<Option>  $options
     * @return list<string>
     */
    private function chosen(?Node $node, array $options): array
    {
        $items = $node?->items();
        if ($node === null || $items === null) {
            return [];
        }
        if ($options !== [] && count($items) !== count($options)) {
            $node->refuse('A variant names one choice for each option, in their order.');
        }
        $chosen = [];
        foreach ($items as $i => $item) {
            $name = $item->text();
            if ($name !== null && isset($options[$i]) && self::isWhole($options[$i]) && $options[$i]->choice($name) === null) {
                $item->refuse("“{$options[$i]->name}” has no choice “{$name}”.");
            }
            $chosen[] = $name ?? '';
        }

        return $chosen;
    }

    /** Where a choice could not be read, that is told; which choices there are can't be. */
    private static function isWhole(Option $option): bool
    {
        return $option->choices !== [] && ! in_array('', array_column($option->choices, 'name'), true);
    }

    /** @return list<Plan> */
    private function plans(ObjectNode $product): array
    {
        $plans = [];
        foreach ($product->items('plans') as $node) {
            $entry = $node->object(['code', 'price', 'every', 'unit'], ['sale', 'sign_up', 'trial_days', 'payments']);
            if ($entry === null) {
                continue;
            }
            $code = $entry->at('code')?->sku()?->text;
            if ($code !== null && in_array($code, array_column($plans, 'code'), true)) {
                $entry->at('code')?->refuse("There is a plan “{$code}” already.");
            }
            $price = $this->price($entry);
            $every = $entry->at('every')?->integer(1, self::MOST_INTERVALS);
            $unit = $entry->at('unit')?->oneOf(IntervalUnit::class);
            $signUp = $entry->at('sign_up')?->amount($this->currency);
            $trial = $entry->at('trial_days')?->integer(1);
            $payments = $entry->at('payments')?->integer(1, 600);
            if ($code !== null) {
                $plans[] = new Plan($code, $price ?? new Price(Money::zero(Currency::of('EUR'))), new Interval($every ?? 1, $unit ?? IntervalUnit::Month), $signUp, $trial, $payments);
            }
        }

        return $plans;
    }

    private function instalments(?Node $node): ?Instalments
    {
        $entry = $node?->object(['payments'], ['deposit', 'every', 'unit']);
        if ($entry === null) {
            return null;
        }
        $payments = $entry->at('payments')?->integer($entry->at('deposit') === null ? 2 : 1, 60);
        $deposit = $entry->at('deposit')?->amount($this->currency);
        if ($deposit?->isZero() === true) {
            $entry->at('deposit')?->refuse('A deposit is more than 0; leave it out where there is none.');
        }
        $every = $entry->at('every')?->integer(1, self::MOST_INTERVALS);
        $unit = $entry->at('unit')?->oneOf(IntervalUnit::class);

        return new Instalments($payments ?? 2, $deposit, new Interval($every ?? 1, $unit ?? IntervalUnit::Month));
    }
}
