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
     * @param  int  $id  of the thing; of the shop for what it has once
     *
     * @throws ChangedMeanwhile
     */
    public function claim(EditKind $kind, Shop $shop, int $id, Editing $editing): void
    {
        $now = $this->clock->now();
        $key = ['shop_id' => $shop->id, 'kind' => $kind->value, 'subject_id' => $id];
        $this->db->insert('INSERT INTO edits (shop_id, kind, subject_id, version, edited_at) VALUES (?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE version = version', [...array_values($key), self::FIRST, $now]);
        /** @var object{version: int, person_id: int|null, edited_at: string} $last */
        $last = $this->db->table('edits')->where($key)->lockForUpdate()->first(['version', 'person_id', 'edited_at']);
        if ($editing->isBehind($last->version)) {
            $at = ChangedMeanwhile::shownAt((int) CarbonImmutable::parse($last->edited_at, 'UTC')->getTimestamp(), $shop->zone());
            throw ChangedMeanwhile::because($kind->named(), Person::query()->find($last->person_id), $editing->person, $at, $last->version);
        }
        $this->db->table('edits')->where($key)->update(['version' => $last->version + 1, 'person_id' => $editing->person?->id, 'edited_at' => $now]);
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
