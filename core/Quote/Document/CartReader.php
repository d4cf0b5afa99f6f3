<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Plan;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\Quantity;
use PaperKite\Catalogue\Terms;
use PaperKite\Catalogue\Variant;
use PaperKite\Money\Currency;

/** Reads `cart` of a quote document. */
final readonly class CartReader
{
    /** @var array<string, array{Product, Variant|null}> what is sold, by SKU */
    private array $goods;

    /** @param  list<Product>  $products */
    public function __construct(array $products, private ?Currency $currency)
    {
        $goods = [];
        foreach ($products as $product) {
            $goods[$product->sku->text] = [$product, null];
            foreach ($product->variants as $variant) {
                $goods[$variant->sku->text] = [$product, $variant];
            }
        }
        $this->goods = $goods;
    }

    /** @return Pick|null `null` where it could not be read; what is wrong has been noted */
    public function read(Node $node): ?Pick
    {
        $line = $node->object(['sku', 'quantity'], ['plan', 'amount', 'instalments']);
        $quantity = $line?->at('quantity')?->integer(1, Quantity::LARGEST);
        $amount = $line?->at('amount')?->amount($this->currency);
        $sku = $line?->at('sku')?->text();
        if ($line === null || $sku === null) {
            return null;
        }
        if (! isset($this->goods[$sku])) {
            $line->at('sku')?->refuse("No product and no variant has the SKU “{$sku}”.");

            return null;
        }
        [$product, $variant] = $this->goods[$sku];
        $plan = $this->plan($line->at('plan'), $product);
        $isByInstalments = $this->isByInstalments($line, $product);
        if (! $product->kind->isMoneyItself()) {
            $line->at('amount')?->refuse('Only of a donation or gift card the shopper says how much.');
        }

        return $quantity === null ? null : new Pick($product, Quantity::of($quantity), $variant, match (true) {
            $plan !== null => Terms::plan($plan->code),
            $isByInstalments => Terms::inParts(),
            $amount !== null => Terms::giving($amount),
            default => Terms::once(),
        });
    }

    private function plan(?Node $node, Product $product): ?Plan
    {
        $code = $node?->text();
        if ($node === null || $code === null) {
            return null;
        }

        return $product->plan($code) ?? $node->refuse("“{$product->name}” has no plan “{$code}”.");
    }

    private function isByInstalments(ObjectNode $line, Product $product): bool
    {
        $node = $line->at('instalments');
        if ($node === null) {
            return false;
        }
        match (true) {
            ! $node->is(true) => $node->refuse('This is true, or left out.'),
            $line->at('plan') !== null => $node->refuse('A line is paid by plan or in instalments, not both; remove one.'),
            $product->instalments === null => $node->refuse("“{$product->name}” is not sold in instalments."),
            default => null,
        };

        return true;
    }
}
