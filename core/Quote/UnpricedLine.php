<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use DomainException;
use PaperKite\Catalogue\Product;
use PaperKite\Money\Money;
use PaperKite\Refusal;

/** A line that can't be priced as it stands. */
final class UnpricedLine extends DomainException implements Refusal
{
    private function __construct(
        /** The key of the cart line that has to change. */
        public readonly string $key,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function variantToChoose(Product $product): self
    {
        return new self('sku', "“{$product->name}” comes in variants; choose one of them.");
    }

    public static function onlyByPlan(Product $product): self
    {
        return new self('plan', "“{$product->name}” is sold by plan alone; choose one of its plans.");
    }

    public static function amount(string $objection): self
    {
        return new self('amount', $objection);
    }

    public static function depositReachesPrice(Money $deposit, Money $unit): self
    {
        return new self('instalments', "The deposit of {$deposit->shown()} reaches the price of {$unit->shown()}, so nothing is left to pay in instalments; pay it at once.");
    }
}
