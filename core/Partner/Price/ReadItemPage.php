<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\Item;
use PaperKite\Refusal;

/** Reads from an item's page what it costs there. What can be read in two ways is not read: a wrong price is worse than none. */
final readonly class ReadItemPage
{
    public const LONGEST_TITLE = 300;

    public const LONGEST_TEXT = 20_000;

    public static function of(string $html, Item $item, Currency $currency): SeenPage|PageProblem
    {
        $products = ItemData::products($html);
        $product = self::meant($products, $item);
        if ($product === null) {
            return $products === [] ? PageProblem::NoData : PageProblem::SeveralItems;
        }
        $price = self::price($product, $currency);

        return $price instanceof Money
            ? new SeenPage($price, self::plain($product['name'] ?? null, self::LONGEST_TITLE), self::plain($product['description'] ?? null, self::LONGEST_TEXT))
            : $price;
    }

    /**
     * @param  list<array<mixed>>  $products
     * @return array<mixed>|null `null` where it can't be told
     */
    private static function meant(array $products, Item $item): ?array
    {
        if (count($products) < 2) {
            return $products[0] ?? null;
        }
        $references = array_map(mb_strtolower(...), [$item->text(), ...array_values($item->reference)]);
        $named = array_values(array_filter($products, static fn (array $product): bool => array_intersect($references, array_map(
            static fn (mixed $name): string => is_scalar($name) ? mb_strtolower((string) $name) : '',
            [$product['sku'] ?? '', $product['productID'] ?? '', $product['mpn'] ?? ''],
        )) !== []));

        return count($named) === 1 ? $named[0] : null;
    }

    /** @param  array<mixed>  $product */
    private static function price(array $product, Currency $currency): Money|PageProblem
    {
        $offers = $product['offers'] ?? [];
        $offers = is_array($offers) && array_is_list($offers) ? $offers : [$offers];
        $read = array_map(static fn (mixed $offer): Money|PageProblem => is_array($offer) ? self::ofOffer($offer, $currency) : PageProblem::NoPrice, $offers);
        foreach ($read as $each) {
            if ($each instanceof PageProblem) {
                return $each;
            }
        }
        $first = $read[0] ?? PageProblem::NoPrice;

        return array_filter($read, static fn (Money|PageProblem $each): bool => $each != $first) === [] ? $first : PageProblem::SeveralPrices;
    }

    /** @param  array<mixed>  $offer */
    private static function ofOffer(array $offer, Currency $currency): Money|PageProblem
    {
        $availability = is_string($offer['availability'] ?? null) ? $offer['availability'] : '';
        if (str_ends_with($availability, '/Discontinued') || $availability === 'Discontinued') {
            return PageProblem::Gone;
        }
        $inside = $offer['priceSpecification'] ?? [];
        $stated = is_array($inside) && ! array_is_list($inside) ? $offer + $inside : $offer;
        if (in_array('AggregateOffer', ItemData::types($offer), true) && ($stated['lowPrice'] ?? null) !== ($stated['highPrice'] ?? null)) {
            return PageProblem::SeveralPrices;
        }
        $price = $stated['price'] ?? $stated['lowPrice'] ?? null;
        if (! is_string($price) && ! is_int($price) && ! is_float($price)) {
            return PageProblem::NoPrice;
        }
        if (($stated['priceCurrency'] ?? null) !== $currency->code) {
            return PageProblem::OtherCurrency;
        }

        return self::money((string) $price, $currency);
    }

    /** @see https://schema.org/price a point before the decimals, and no grouping */
    private static function money(string $text, Currency $currency): Money|PageProblem
    {
        $text = trim($text);
        // Decimals that say nothing: 89.000 is 89, as 89.00 is.
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
        try {
            $price = Money::fromEntry($text, $currency);
        } catch (Refusal) {
            return PageProblem::NoPrice;
        }

        return $price->isZero() ? PageProblem::NoPrice : $price;
    }

    private static function plain(mixed $text, int $longest): string
    {
        $plain = is_string($text) ? html_entity_decode(strip_tags((string) preg_replace('~<(?:/(?:p|li|h[1-6]|ul|ol)|br)\b~i', "\n$0", $text)), ENT_QUOTES | ENT_HTML5, 'UTF-8') : '';
        $lines = array_map(static fn (string $line): string => trim((string) preg_replace('/[\p{Z}\p{C}]+/u', ' ', $line)), explode("\n", mb_scrub($plain, 'UTF-8')));

        return mb_substr(implode("\n", array_filter($lines, static fn (string $line): bool => $line !== '')), 0, $longest, 'UTF-8');
    }
}
