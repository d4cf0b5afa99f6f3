<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use JsonException;
use PaperKite\Money\Currency;
use PaperKite\Quote\Coupon;
use PaperKite\Quote\CouponKind;
use PaperKite\Quote\Fault;
use PaperKite\Quote\GiftCard;
use PaperKite\Quote\QuoteRequest;
use PaperKite\Quote\Unquotable;

/** A quote document in JSON (RFC 8259), read into what a quote is made of. */
final readonly class DocumentReader
{
    private const DEEPEST = 512;

    /** @throws Unquotable with everything that is wrong with its form */
    public static function read(string $json): QuoteRequest
    {
        try {
            $value = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $wrong) {
            throw Unquotable::because([new Fault('', "This is not JSON: {$wrong->getMessage()}.")]);
        }
        $faults = new Faults;
        $request = self::request((new Node($value, '', $faults))->object(['shop', 'products', 'cart', 'country', 'at'], ['coupon', 'gift_cards']));
        $faults->throwIfAny();

        return $request ?? throw new \LogicException('A document that can’t be read has a fault.');
    }

    /** @return QuoteRequest|null `null` where a part of it could not be read; that has been noted */
    private static function request(?ObjectNode $document): ?QuoteRequest
    {
        if ($document === null) {
            return null;
        }
        $shopReader = ShopReader::of($document->at('shop'));
        $shop = $shopReader->rules();
        $currency = $shopReader->currency;
        $productReader = new ProductReader($currency);
        $products = array_map($productReader->read(...), $document->items('products'));
        $cartReader = new CartReader(array_values(array_filter($products)), $currency);
        $cart = array_map($cartReader->read(...), $document->items('cart'));
        $country = $document->at('country')?->country();
        $at = $document->at('at')?->moment();
        $coupon = self::coupon($document->at('coupon'), $currency);
        $cards = array_map(static fn (Node $node): ?GiftCard => self::giftCard($node, $currency), $document->items('gift_cards'));

        return $shop === null || $country === null || $at === null
            ? null
            : new QuoteRequest($shop, array_values(array_filter($cart)), $country, $at, $coupon, array_values(array_filter($cards)));
    }

    private static function coupon(?Node $node, ?Currency $currency): ?Coupon
    {
        $entry = $node?->object(['code', 'kind'], ['value', 'min_spend', 'skus', 'from', 'until']);
        if ($entry === null) {
            return null;
        }
        $code = $entry->at('code')?->text() ?? '';
        $kind = $entry->at('kind')?->oneOf(CouponKind::class);
        $percent = $kind === CouponKind::Percent ? $entry->at('value')?->percentage() : null;
        $amount = $kind === CouponKind::Amount ? $entry->at('value')?->amount($currency) : null;
        $minSpend = $entry->at('min_spend')?->amount($currency);
        $skus = self::skus($entry);
        $from = $entry->at('from')?->moment();
        $until = $entry->at('until')?->moment();
        if ($kind === CouponKind::FreeShipping) {
            $entry->at('value')?->refuse('A coupon that ships free has no value; remove it.');
        } elseif ($kind !== null && $entry->at('value') === null) {
            $entry->refuse('value', 'The value is missing: how much the coupon takes off.');
        }

        return match (true) {
            $kind === CouponKind::FreeShipping => Coupon::freeShipping($code, $minSpend, $skus, $from, $until),
            $percent !== null => Coupon::percent($code, $percent, $minSpend, $skus, $from, $until),
            $amount !== null => Coupon::amount($code, $amount, $minSpend, $skus, $from, $until),
            default => null,
        };
    }

    /** @return list<string>|null `null` where the coupon is for all goods */
    private static function skus(ObjectNode $coupon): ?array
    {
        if ($coupon->at('skus') === null) {
            return null;
        }

        return array_values(array_filter(array_map(static fn (Node $node): ?string => $node->sku()?->text, $coupon->items('skus')), static fn (?string $sku): bool => $sku !== null));
    }

    private static function giftCard(Node $node, ?Currency $currency): ?GiftCard
    {
        $entry = $node->object(['code', 'balance'], []);
        $code = $entry?->at('code')?->text();
        $balance = $entry?->at('balance')?->amount($currency);

        return $code === null || $balance === null ? null : new GiftCard($code, $balance);
    }
}
