<?php

declare(strict_types=1);

namespace App\PartnerReports;

/** By what earnings are told apart. */
enum EarningsBy: string
{
    case Place = 'place';
    case Product = 'product';
    case Marketplace = 'marketplace';
    case Month = 'month';

    public function label(): string
    {
        return match ($this) {
            self::Place => 'Place',
            self::Product => 'Product',
            self::Marketplace => 'Marketplace',
            self::Month => 'Month',
        };
    }

    /** What rows are grouped by, of sales and of what was counted alike; each as text, blank for none. */
    public function sql(bool $ofSales): string
    {
        $uncredited = $ofSales ? "WHEN credited_by = 'nothing' THEN 'nothing' " : '';

        return match ($this) {
            self::Place => "CASE {$uncredited}WHEN placement_id <> 0 THEN CONCAT('place ', placement_id) WHEN label_id <> 0 THEN CONCAT('label ', label_id) ELSE 'shop' END",
            self::Product => 'CAST(product_id AS CHAR)',
            self::Marketplace => 'CAST(marketplace_id AS CHAR)',
            self::Month => "DATE_FORMAT(day, '%Y-%m')",
        };
    }
}
