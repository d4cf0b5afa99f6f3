<?php

declare(strict_types=1);

namespace App\Results;

use App\Database\InTransaction;
use Illuminate\Database\ConnectionInterface;

/**
 * Adds events up by day. How far that has come stands in the same transaction as the sums: none is lost or counted
 * twice, whenever it is killed.
 *
 * Numbers are given out before a transaction ends, so that a lower one may appear after a higher one. The sums are
 * therefore read with locks: they wait for whoever is still writing among the events that are added up.
 */
final readonly class FoldEvents
{
    private const AT_ONCE = 10_000;

    private const DIMENSIONS = 'shop_id, day, kind, offer_id, placement_id, product_id, marketplace_id, label_id, country, device, currency';

    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
    ) {}

    /** @return int the number of the last event that is there; 0 where there is none, or all are added up */
    public function newest(): int
    {
        $newest = $this->number('SELECT COALESCE(MAX(id), 0) AS n FROM events');

        return $newest > $this->number('SELECT folded_to AS n FROM result_marks') ? $newest : 0;
    }

    /** @param  int  $upTo  the number of an event that was there a moment ago, so that every lower one has begun to be written */
    public function __invoke(int $upTo): void
    {
        do {
            $to = ($this->inTransaction)(fn (): int => $this->fold($upTo));
        } while ($to < $upTo);
    }

    /** @return int up to which event all are added up */
    private function fold(int $upTo): int
    {
        $from = $this->number('SELECT folded_to AS n FROM result_marks FOR UPDATE');
        $to = min($from + self::AT_ONCE, $upTo);
        if ($to <= $from) {
            return $from;
        }
        $this->db->insert(
            'INSERT INTO result_days ('.self::DIMENSIONS.', acts, entries, pieces, value_minor, profit_minor)
            SELECT '.self::DIMENSIONS.', SUM(is_act), COUNT(*), SUM(pieces), SUM(value_minor), SUM(profit_minor)
            FROM events WHERE id > ? AND id <= ? GROUP BY '.self::DIMENSIONS.' LOCK IN SHARE MODE
            ON DUPLICATE KEY UPDATE acts = acts + VALUES(acts), entries = entries + VALUES(entries), pieces = pieces + VALUES(pieces),
                value_minor = value_minor + VALUES(value_minor), profit_minor = profit_minor + VALUES(profit_minor)',
            [$from, $to],
        );
        $this->db->update('UPDATE result_marks SET folded_to = ?', [$to]);

        return $to;
    }

    private function number(string $sql): int
    {
        $row = $this->db->selectOne($sql);

        return is_object($row) && isset($row->n) && is_numeric($row->n) ? (int) $row->n : 0;
    }
}
