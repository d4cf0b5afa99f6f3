<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Offer\Check\Check;
use PaperKite\Offer\Check\EachItem;
use PaperKite\Offer\Check\GoodsAreFew;
use PaperKite\Offer\Check\LookIsClear;
use PaperKite\Offer\Check\PartnerStandsAlone;
use PaperKite\Offer\Check\PictureHasText;
use PaperKite\Offer\Check\PlacesCanOpen;
use PaperKite\Offer\Check\PlacesDiffer;
use PaperKite\Offer\Check\ProductIsChosen;
use PaperKite\Offer\Check\ProductIsForSale;
use PaperKite\Offer\Check\WordsFit;

/** All that is wrong or doubtful about a draft. What every offer is held to stands here; the rest with what its click does. */
final class Proofreading
{
    /** @return list<Finding> errors first, then in the order of the sentence */
    public static function of(Proof $proof): array
    {
        $findings = array_merge(...array_map(static fn (Check $check): array => $check->findings($proof), self::checks($proof)));
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
    private static function checks(Proof $proof): array
    {
        return [
            new WordsFit,
            new LookIsClear,
            new GoodsAreFew,
            new EachItem(new ProductIsChosen),
            new EachItem(new ProductIsForSale),
            new EachItem(new PartnerStandsAlone),
            ...$proof->offer->destination->checks(),
            new EachItem(new PictureHasText),
            new PlacesDiffer,
            new PlacesCanOpen,
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
