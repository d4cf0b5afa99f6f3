<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Offer\Check\AmountIsWithin;
use PaperKite\Offer\Check\AskIsAnswerable;
use PaperKite\Offer\Check\BillCanBeTold;
use PaperKite\Offer\Check\Check;
use PaperKite\Offer\Check\CountryIsServed;
use PaperKite\Offer\Check\DateIsAhead;
use PaperKite\Offer\Check\DestinationHasGoods;
use PaperKite\Offer\Check\EachItem;
use PaperKite\Offer\Check\GoodsAreFew;
use PaperKite\Offer\Check\GoodsArePriced;
use PaperKite\Offer\Check\GoodsDiffer;
use PaperKite\Offer\Check\LandingIsAllowed;
use PaperKite\Offer\Check\LookIsClear;
use PaperKite\Offer\Check\PictureHasText;
use PaperKite\Offer\Check\PlacesDiffer;
use PaperKite\Offer\Check\ProductIsChosen;
use PaperKite\Offer\Check\ProductIsForSale;
use PaperKite\Offer\Check\QuantityIsInStock;
use PaperKite\Offer\Check\QuantityIsWhole;
use PaperKite\Offer\Check\SaleGoesOn;
use PaperKite\Offer\Check\ShopCanBePaid;
use PaperKite\Offer\Check\SomethingIsPaid;
use PaperKite\Offer\Check\VariantIsThere;
use PaperKite\Offer\Check\WordsFit;

/** All that is wrong or doubtful about a draft. A new check is a class beside these and a line here. */
final class Proofreading
{
    /** @return list<Finding> errors first, then in the order of the sentence */
    public static function of(Proof $proof): array
    {
        $findings = array_merge(...array_map(static fn (Check $check): array => $check->findings($proof), self::checks()));
        usort($findings, static fn (Finding $a, Finding $b): int => self::rank($a) <=> self::rank($b));

        return $findings;
    }

    /** @param  list<Finding>  $findings */
    public static function allowsSaving(array $findings): bool
    {
        return array_filter($findings, static fn (Finding $finding): bool => $finding->blocksSaving) === [];
    }

    /** @param  list<Finding>  $findings */
    public static function allowsGoingLive(array $findings): bool
    {
        return array_filter($findings, static fn (Finding $finding): bool => $finding->severity === Severity::Error) === [];
    }

    /** @return list<Check> */
    private static function checks(): array
    {
        return [
            new WordsFit,
            new LookIsClear,
            new GoodsAreFew,
            new EachItem(new QuantityIsWhole),
            new AskIsAnswerable,
            new EachItem(new ProductIsChosen),
            new EachItem(new ProductIsForSale),
            new EachItem(new VariantIsThere),
            new EachItem(new AmountIsWithin),
            new GoodsDiffer,
            new EachItem(new DateIsAhead),
            new EachItem(new QuantityIsInStock),
            new EachItem(new GoodsArePriced),
            new EachItem(new SomethingIsPaid),
            new EachItem(new SaleGoesOn),
            new EachItem(new PictureHasText),
            new DestinationHasGoods,
            new LandingIsAllowed,
            new CountryIsServed,
            new BillCanBeTold,
            new PlacesDiffer,
            new ShopCanBePaid,
        ];
    }

    private static function rank(Finding $finding): int
    {
        return match ($finding->severity) {
            Severity::Error => 0,
            Severity::Caution => 1,
            Severity::Hint => 2,
        };
    }
}
