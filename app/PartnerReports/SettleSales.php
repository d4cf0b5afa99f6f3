<?php

declare(strict_types=1);

namespace App\PartnerReports;

use Illuminate\Database\ConnectionInterface;

/**
 * Says which of the sales that a marketplace has reported count: a row that an earlier report has, too, is repeated; where
 * a later one says something else of the same sale, that is what counts. Asked in the transaction that changes reports.
 *
 * Two rows of one report that are alike are two sales: the second stands for the second wherever it is repeated.
 */
final readonly class SettleSales
{
    public function __construct(private ConnectionInterface $db) {}

    public function of(int $marketplaceId): void
    {
        $this->db->update(
            "UPDATE partner_sales
            JOIN partner_reports ON partner_reports.id = partner_sales.report_id
            SET partner_sales.stands = IF(partner_reports.state = 'taken_back', 'taken_back', 'waiting')
            WHERE partner_sales.marketplace_id = ? AND partner_reports.state IN ('taken_back', 'reading') AND partner_sales.stands <> IF(partner_reports.state = 'taken_back', 'taken_back', 'waiting')",
            [$marketplaceId],
        );
        $this->db->update(
            "UPDATE partner_sales
            JOIN (
                SELECT id, IF(is_first = 0, 'repeated', IF(sale_key IS NOT NULL AND ROW_NUMBER() OVER (PARTITION BY is_first, sale_key, nth ORDER BY report_id DESC, id DESC) > 1, 'corrected', 'counts')) AS stands
                FROM (
                    SELECT id, report_id, sale_key, ROW_NUMBER() OVER (PARTITION BY content, alike ORDER BY report_id, id) = 1 AS is_first, nth
                    FROM (
                        SELECT sales.id, sales.report_id, sales.sale_key, sales.content,
                            ROW_NUMBER() OVER (PARTITION BY sales.report_id, sales.content ORDER BY sales.row_number) AS alike,
                            ROW_NUMBER() OVER (PARTITION BY sales.report_id, sales.sale_key ORDER BY sales.row_number) AS nth
                        FROM partner_sales AS sales JOIN partner_reports ON partner_reports.id = sales.report_id
                        WHERE sales.marketplace_id = ? AND partner_reports.state = 'done'
                    ) AS numbered
                ) AS firsts
            ) AS settled ON settled.id = partner_sales.id
            SET partner_sales.stands = settled.stands
            WHERE partner_sales.stands <> settled.stands",
            [$marketplaceId],
        );
    }
}
