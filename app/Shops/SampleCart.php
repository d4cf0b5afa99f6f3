<?php

declare(strict_types=1);

namespace App\Shops;

use App\Models\Shop;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\Quantity;
use PaperKite\Catalogue\Sku;
use PaperKite\Money\Money;
use PaperKite\Quote\Quote;
use PaperKite\Quote\QuoteRequest;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\Unquotable;
use PaperKite\Refusal;
use PaperKite\Text\FormInput;
use PaperKite\Time\Moment;

/** A cart of so much money, so heavy, of so many pieces, to try a shop’s rules on. What can’t be read counts as usual. */
final class SampleCart
{
    /** @throws Unquotable */
    public static function quote(FormInput $sample, ShopRules $rules, Shop $shop, Moment $at): Receipt
    {
        $nothing = Money::zero($rules->currency);
        $class = $sample->text('tax_class') === '' ? Product::USUAL_TAX_CLASS : $sample->text('tax_class');
        $grams = min(1_000_000, (int) $sample->text('weight'));
        $product = static fn (Money $price, int $weight): Product => new Product(Sku::of('sample'), 'A sample', ProductKind::Physical, new Price($price), taxClass: $class, weightGrams: $weight);
        $pieces = self::or(static fn (): int => Quantity::fromEntry($sample->text('pieces'))->pieces, 1);
        $cart = [new Pick($product(self::or(static fn (): Money => Money::fromEntry($sample->decimal('amount'), $rules->currency), $nothing), max(0, $grams)), Quantity::of(1))];
        if ($pieces > 1) {
            // The whole amount and weight are in the first piece; the others only count.
            $cart[] = new Pick($product($nothing, 0), Quantity::of($pieces - 1));
        }
        $country = $sample->text('country') === '' ? $shop->home_country : $sample->text('country');

        return Quote::of(new QuoteRequest($rules, $cart, $country, $at));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @param  T  $usual
     * @return T
     */
    private static function or(callable $read, mixed $usual): mixed
    {
        try {
            return $read();
        } catch (Refusal) {
            return $usual;
        }
    }
}
