<?php

declare(strict_types=1);

namespace App\Offers;

use App\Looks\LookBook;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use PaperKite\Medium\ColumnWords;
use PaperKite\Medium\PriceTable as CoreTable;
use PaperKite\Medium\TableColumn;
use PaperKite\Time\Moment;

/** A price table as HTML, as its offers are now. */
final class TableSnippet
{
    /** Whether what was copied no longer says what the offers say. */
    public static function isStale(PriceTable $table, Shop $shop, LookBook $looks, Moment $at): bool
    {
        return $table->copied !== null && self::digest($table, $shop, $looks, $at) !== $table->copied;
    }

    /** What a copy is known by. That a partner's price was seen again on another day makes no copy outdated. */
    public static function digest(PriceTable $table, Shop $shop, LookBook $looks, Moment $at): string
    {
        return hash('sha256', self::html($table, $shop, $looks, $at, isDated: false));
    }

    /** @param  PriceTable  $table  with all that its columns need */
    public static function of(PriceTable $table, Shop $shop, LookBook $looks, Moment $at): string
    {
        return self::html($table, $shop, $looks, $at, isDated: true);
    }

    private static function html(PriceTable $table, Shop $shop, LookBook $looks, Moment $at, bool $isDated): string
    {
        $columns = array_values($table->columns->all());
        $stressed = array_search(true, array_map(static fn (Placement $placement): bool => $placement->is_stressed === true, $columns), true);

        return (new CoreTable(
            $table->name,
            array_map(static fn (Placement $placement): TableColumn => new TableColumn(
                OfferSnippets::of($placement->offer, $shop, $looks, $at)->placed($placement, $isDated),
                ColumnWords::kept($placement->column_name, $placement->column_text),
            ), $columns),
            is_int($stressed) ? $stressed : null,
            $table->badge,
        ))->html();
    }
}
