<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Product;
use PaperKite\Catalogue\Terms;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Refusal;
use PaperKite\Words\Wording;

/** How much a shopper gives, as they typed or picked it, where the product leaves that to them. */
final readonly class GivenAmount
{
    private function __construct(
        public Terms $terms,
        /** What is wrong with it; `null` where nothing is. */
        public ?string $error,
    ) {}

    /**
     * @param  string  $typed  an amount of one's own, which goes before what is picked
     * @param  string  $picked  one of those that are suggested
     */
    public static function read(Product $product, string $typed, string $picked, Wording $words): self
    {
        if (! $product->kind->isMoneyItself()) {
            return new self(Terms::once(), null);
        }
        $text = trim($typed) === '' ? $picked : $typed;
        if (trim($text) === '') {
            return new self(Terms::once(), $words->say('refused.how_much'));
        }
        try {
            $amount = Money::fromEntry($text, Currency::of($product->currency));
        } catch (Refusal $refusal) {
            return new self(Terms::once(), $words->refusal($refusal));
        }
        $objection = $product->limits()->objection($amount);

        return $objection === null ? new self(Terms::giving($amount), null) : new self(Terms::once(), $objection->in($words));
    }
}
