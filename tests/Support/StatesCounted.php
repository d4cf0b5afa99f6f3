<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Database\ConnectionInterface;

/** Holds what is written down of states against the things themselves, of all shops, as they are at one moment. */
final class StatesCounted
{
    /** @return list<string> each count that is wrong: shop, kind, state, block, how many there are, how many are written down */
    public static function wrong(): array
    {
        /** @var list<object{wrong: string}> $rows */
        $rows = app(ConnectionInterface::class)->select("SELECT CONCAT_WS(' ', shop_id, kind, state, block, SUM(is_there), SUM(is_written)) AS wrong FROM (
                SELECT shop_id, 1 AS kind, IF(is_draft, 'draft', 'for_sale') AS state, 0 AS block, COUNT(*) AS is_there, 0 AS is_written FROM products WHERE deleted_at IS NULL GROUP BY shop_id, is_draft
                UNION ALL SELECT shop_id, 2, state, 0, COUNT(*), 0 FROM offers GROUP BY shop_id, state
                UNION ALL SELECT shop_id, 3, CONCAT(goods_state, '/', money_state), number DIV 8192, COUNT(*), 0 FROM orders GROUP BY shop_id, goods_state, money_state, number DIV 8192
                UNION ALL SELECT shop_id, kind, state, block, 0, SUM(more) FROM state_counts GROUP BY shop_id, kind, state, block
            ) AS counts GROUP BY shop_id, kind, state, block HAVING SUM(is_there) <> SUM(is_written)");

        return array_column($rows, 'wrong');
    }
}
