<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Models\FrozenCard;
use App\Models\FrozenCheckout;
use App\Models\FrozenGift;
use App\Models\FrozenLine;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\TermsKind;
use PaperKite\Checkout\ShopperDetails;

/**
 * A frozen checkout as JSON. A payment may be opened by one release and ordered by the next: what a release does not
 * know is left alone, and what it misses has a default.
 *
 * The keys are named as the classes name their properties. Version 1 kept sentences where version 2 keeps phrases; each is
 * read as what it is.
 */
final class FrozenCheckoutCodec
{
    private const VERSION = 2;

    public static function encode(FrozenCheckout $checkout): string
    {
        return json_encode(['v' => self::VERSION] + get_object_vars($checkout), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public static function decode(string $json): FrozenCheckout
    {
        $kept = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        $all = new KeptValues(is_array($kept) ? $kept : []);

        return new FrozenCheckout(
            lines: array_map(self::line(...), $all->parts('lines')),
            shopper: self::shopper($all->part('shopper')),
            itemsMinor: $all->integer('itemsMinor'),
            discountMinor: $all->integer('discountMinor'),
            shippingMinor: $all->integer('shippingMinor'),
            taxMinor: $all->integer('taxMinor'),
            taxIsContained: $all->isTrue('taxIsContained'),
            profitMinor: $all->integer('profitMinor'),
            couponId: $all->optionalInteger('couponId'),
            couponCode: $all->optionalText('couponCode'),
            reasons: $all->allSaid('reasons'),
            shippingTaxMinor: $all->optionalInteger('shippingTaxMinor'),
            shippingTaxRate: $all->optionalText('shippingTaxRate'),
            dueNowMinor: $all->optionalInteger('dueNowMinor'),
            currency: $all->optionalText('currency'),
            cards: array_map(static fn (KeptValues $card): FrozenCard => new FrozenCard($card->integer('id'), $card->integer('minor')), $all->parts('cards')),
        );
    }

    private static function line(KeptValues $line): FrozenLine
    {
        return new FrozenLine(
            productId: $line->integer('productId'),
            variantId: $line->optionalInteger('variantId'),
            placementId: $line->optionalInteger('placementId'),
            sku: $line->text('sku'),
            name: $line->text('name'),
            choices: $line->text('choices'),
            picture: $line->text('picture'),
            quantity: $line->integer('quantity'),
            unitMinor: $line->integer('unitMinor'),
            subtotalMinor: $line->integer('subtotalMinor'),
            discountMinor: $line->integer('discountMinor'),
            taxMinor: $line->integer('taxMinor'),
            because: $line->said('because'),
            taxClass: $line->optionalText('taxClass'),
            taxRate: $line->optionalText('taxRate'),
            profitMinor: $line->optionalInteger('profitMinor'),
            labelId: $line->optionalInteger('labelId'),
            terms: $line->optionalText('terms') ?? TermsKind::Once->value,
            amountMinor: $line->optionalInteger('amountMinor'),
            kind: ProductKind::tryFrom($line->optionalText('kind') ?? '') ?? ProductKind::Physical,
            thanks: $line->optionalText('thanks'),
            begins: $line->optionalInteger('begins'),
            ends: $line->optionalInteger('ends'),
            place: $line->text('place'),
            eventSequence: $line->integer('eventSequence'),
            attendees: $line->texts('attendees'),
            offerId: $line->optionalInteger('offerId'),
            gift: self::gift($line->part('gift')),
        );
    }

    private static function gift(KeptValues $gift): ?FrozenGift
    {
        // What is not there was frozen by a former release, or is no gift.
        $read = new FrozenGift($gift->text('name'), $gift->text('email'), $gift->text('message'), $gift->optionalText('day'));

        return $read == new FrozenGift('', '', '', null) ? null : $read;
    }

    private static function shopper(KeptValues $shopper): ShopperDetails
    {
        return new ShopperDetails(
            email: $shopper->text('email'),
            name: $shopper->text('name'),
            street: $shopper->text('street'),
            postcode: $shopper->text('postcode'),
            town: $shopper->text('town'),
            country: $shopper->text('country'),
            phone: $shopper->text('phone'),
            company: $shopper->text('company'),
            comment: $shopper->text('comment'),
        );
    }
}
