<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Person;
use App\Models\Shop;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;

/** Counts the changes that sellers make by forms. What an order takes from the stock is none. */
final readonly class Edits
{
    private const FIRST = 1;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    /**
     * Called first in the transaction that saves: whoever saves the same waits until it stands.
     *
     * @return int the version that stands, and is left where something changes
     *
     * @throws ChangedMeanwhile
     */
    public function claim(Edited $edited, Editing $editing): int
    {
        $this->db->insert('INSERT INTO edits (shop_id, kind, subject_id, version, edited_at) VALUES (?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE version = version', [...array_values($edited->key()), self::FIRST, $this->clock->now()]);
        $last = $this->last($edited, isLocked: true);
        if ($editing->isBehind($last->version)) {
            throw $this->changed($edited, $last, $editing);
        }

        return $last->version;
    }

    /** Called where the transaction that has claimed a version has changed something. */
    public function count(Edited $edited, int $before, Editing $editing): void
    {
        $this->db->table('edits')->where($edited->key())->update(['version' => $before + 1, 'person_id' => $editing->person?->id, 'edited_at' => $this->clock->now()]);
    }

    /** What is said to whoever comes too late. */
    public function changedMeanwhile(Edited $edited, Editing $editing): ChangedMeanwhile
    {
        return $this->changed($edited, $this->last($edited, isLocked: false), $editing);
    }

    /** @return object{version: int, person_id: int|null, edited_at: string} */
    private function last(Edited $edited, bool $isLocked): object
    {
        $rows = $this->db->table('edits')->where($edited->key());

        /** @var object{version: int, person_id: int|null, edited_at: string} */
        return ($isLocked ? $rows->lockForUpdate() : $rows)->first(['version', 'person_id', 'edited_at']);
    }

    /** @param  object{version: int, person_id: int|null, edited_at: string}  $last */
    private function changed(Edited $edited, object $last, Editing $editing): ChangedMeanwhile
    {
        $at = ChangedMeanwhile::shownAt((int) CarbonImmutable::parse($last->edited_at, 'UTC')->getTimestamp(), $edited->shop->zone());

        return ChangedMeanwhile::because($edited->kind->named(), Person::query()->find($last->person_id), $editing->person, $at, $last->version);
    }

    /** Asked before the thing itself is read, so that a change in between is told of, at worst, without need. */
    public function version(EditKind $kind, Shop $shop, int $id): int
    {
        return $this->versions($kind, $shop, [$id])[$id];
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, int> versions by id
     */
    public function versions(EditKind $kind, Shop $shop, array $ids): array
    {
        $versions = $this->db->table('edits')->where(['shop_id' => $shop->id, 'kind' => $kind->value])->whereIn('subject_id', $ids)->pluck('version', 'subject_id')->all();

        /** @var array<int, int> */
        return $versions + array_fill_keys($ids, self::FIRST);
    }
}
