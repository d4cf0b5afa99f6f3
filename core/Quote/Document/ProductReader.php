<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;

/** Reads `products` of a quote document. */
final readonly class ProductReader
{
    private const OPTIONAL = ['price', 'sale', 'cost', 'tax_class', 'weight_g', 'shipping', 'amount', 'options', 'variants', 'plans', 'instalments'];

    /** What a product that is money itself does not have. */
    private const NOT_OF_MONEY = ['options', 'variants', 'plans', 'instalments', 'sale'];

    private PriceReader $prices;

    private OptionsReader $options;

    private VariantsReader $variants;

    private PlansReader $plans;

    private FreeSkus $skus;

    public function __construct(?Currency $currency)
    {
        $this->skus = new FreeSkus;
        $this->prices = new PriceReader($currency);
        $this->options = new OptionsReader($this->prices);
        $this->variants = new VariantsReader($this->prices, $this->skus);
        $this->plans = new PlansReader($this->prices);
    }

    /** @return Product|null `null` where it could not be read; what is wrong has been noted */
    public function read(Node $node): ?Product
    {
        $product = $node->object(['sku', 'name', 'kind'], self::OPTIONAL);
        if ($product === null) {
            return null;
        }
        $sku = $this->skus->free($product->at('sku'));
        $name = $product->at('name')?->text();
        $kind = $product->at('kind')?->oneOf(ProductKind::class, ProductKind::priced());
        $price = $this->prices->price($product);
        $cost = $this->prices->amount($product->at('cost'));
        $class = $product->at('tax_class')?->text();
        $weight = $product->at('weight_g')?->integer(0);
        $shipping = $this->prices->shipping($product->at('shipping'));
        $limits = $this->prices->limits($product->at('amount'));
        $options = $this->options->options($product);
        $variants = $this->variants->variants($product, $options);
        $plans = $this->plans->plans($product);
        $instalments = $this->plans->instalments($product->at('instalments'));
        if ($kind?->isMoneyItself() === true) {
            $this->mustBeMoneyAlone($product);
        }
        if ($product->at('price') === null && ! $product->has('plans')) {
            $product->refuse('price', 'The price is missing; only a product with plans can do without one.');
        }

        // Of an unknown kind anything may be asked, so that only the kind is told to be wrong.
        return $sku === null ? null : new Product(
            sku: $sku, name: $name ?? '', kind: $kind ?? ProductKind::GiftCard, price: $price, cost: $cost, taxClass: $class ?? Product::USUAL_TAX_CLASS,
            weightGrams: $weight ?? 0, shipping: $shipping, limits: $limits, options: $options, variants: $variants, plans: $plans, instalments: $instalments,
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
}
