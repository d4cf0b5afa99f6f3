<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use DomainException;
use PaperKite\Catalogue\Product;
use PaperKite\Money\Money;
use PaperKite\Refusal;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;

/** A line that can't be priced as it stands. */
final class UnpricedLine extends DomainException implements Refusal
{
    private function __construct(
        /** The key of the cart line that has to change. */
        public readonly string $key,
        public readonly Said $said,
    ) {
        parent::__construct($said->in(Wording::english()));
    }

    public static function variantToChoose(Product $product): self
    {
        return new self('sku', Said::of(Phrase::ComesInVariants, product: $product->name));
    }

    public static function onlyByPlan(Product $product): self
    {
        return new self('plan', Said::of(Phrase::SoldByPlanAlone, product: $product->name));
    }

    public static function amount(Said $objection): self
    {
        return new self('amount', $objection);
    }

    public static function depositReachesPrice(Money $deposit, Money $unit): self
    {
        return new self('instalments', Said::of(Phrase::DepositReachesPrice, deposit: $deposit, price: $unit));
    }
}
