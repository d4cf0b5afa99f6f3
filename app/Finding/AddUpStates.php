<?php

declare(strict_types=1);

namespace App\Finding;

use App\Database\InTransaction;
use Illuminate\Database\ConnectionInterface;

/** Makes one row of the many that came to a count, so that there is never much to add up. */
final readonly class AddUpStates
{
    /** Fewer are added up as quickly as they are read. */
    private const MANY = 4;

    private const AT_ONCE = 1_000;

    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
    ) {}

    public function __invoke(): void
    {
        /** @var list<object{shop_id: int, kind: int, state: string, block: int}> $counts */
        $counts = $this->db->select('SELECT shop_id, kind, state, block FROM state_counts GROUP BY shop_id, kind, state, block HAVING COUNT(*) > ?', [self::MANY]);
        foreach ($counts as $count) {
            do {
                $rows = ($this->inTransaction)(fn (): int => $this->some($count->shop_id, $count->kind, $count->state, $count->block));
            } while ($rows === self::AT_ONCE);
        }
    }

    /** @return int of how many rows one was made */
    private function some(int $shop, int $kind, string $state, int $block): int
    {
        // Whoever is writing one keeps nobody waiting: theirs is added up the next time.
        /** @var list<object{id: int, more: int}> $rows */
        $rows = $this->db->select('SELECT id, more FROM state_counts WHERE shop_id = ? AND kind = ? AND state = ? AND block = ? LIMIT '.self::AT_ONCE.' FOR UPDATE SKIP LOCKED', [$shop, $kind, $state, $block]);
        if ($rows !== []) {
            $this->db->delete('DELETE counted FROM state_counts AS counted FORCE INDEX (PRIMARY) WHERE id IN ('.implode(', ', array_column($rows, 'id')).')');
            $this->db->insert('INSERT INTO state_counts (shop_id, kind, state, block, more) VALUES (?, ?, ?, ?, ?)', [$shop, $kind, $state, $block, array_sum(array_column($rows, 'more'))]);
        }

        return count($rows);
    }
}
