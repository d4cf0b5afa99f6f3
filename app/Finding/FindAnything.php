<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder as Rows;

/** Things of a shop of any kind: the one whose code was typed, those that were opened lately, and some of each kind. */
final readonly class FindAnything
{
    private const OF_EACH = 5;

    /** From so many on, the newest things are gone through. */
    private const MANY = 1_000;

    /** So many of them for several words: mostly they stand together. */
    private const TRIED = 2_000;

    /** So many for one, which mostly the first few have. */
    private const TRIED_FOR_ONE = 100;

    public function __construct(private ConnectionInterface $db) {}

    /**
     * @param  string  $typed  blank: those that were opened lately alone
     * @param  list<ThingKey>  $recent  the latest first
     * @return list<FoundThing>
     */
    public function __invoke(Shop $shop, string $typed, array $recent): array
    {
        $parts = $this->recent($shop, $typed, $recent);
        if ($typed === '') {
            return array_values($this->found($parts));
        }
        $counts = WordCounts::ofEach($shop, Kind::ofSellers(), $typed, self::MANY);
        $found = $this->found([
            $this->things($shop)->where('code', FoundThing::codeOf($typed))->limit(self::OF_EACH),
            ...$parts,
            ...array_map(fn (Kind $kind): Rows => $this->some($shop, $kind, $typed, $counts[$kind->value]), Kind::ofSellers()),
        ]);
        // What the newest things have not is looked for by the words after all.
        $scarce = array_filter(Kind::ofSellers(), static fn (Kind $kind): bool => $counts[$kind->value]->areCommon() && count(array_filter($found, static fn (FoundThing $thing): bool => $thing->kind === $kind)) < self::OF_EACH);

        return array_values($found + $this->found(array_map(fn (Kind $kind): Rows => $this->byWords($shop, $kind, $counts[$kind->value]), array_values($scarce))));
    }

    /**
     * @param  list<Rows>  $parts
     * @return array<string, FoundThing>
     */
    private function found(array $parts): array
    {
        $found = [];
        foreach ($this->rows($parts) as $row) {
            $found["{$row->kind} {$row->thing_id}"] ??= new FoundThing(Kind::from($row->kind), $row->thing_id, $row->of_id, $row->code, $row->label, $row->note);
        }

        return $found;
    }

    /**
     * Each part keeps its place: what comes first is shown first.
     *
     * @param  list<Rows>  $parts
     * @return list<object{kind: int, thing_id: int, of_id: int|null, code: string|null, label: string, note: string}>
     */
    private function rows(array $parts): array
    {
        $numbered = array_map(static fn (Rows $part, int $number): Rows => $part->selectRaw("{$number} AS part, kind, thing_id, of_id, code, label, note"), $parts, array_keys($parts));
        $first = array_shift($numbered);
        if ($first === null) {
            return [];
        }
        $all = array_reduce($numbered, static fn (Rows $union, Rows $one): Rows => $union->unionAll($one), $first);

        /** @var list<object{kind: int, thing_id: int, of_id: int|null, code: string|null, label: string, note: string}> */
        return $first->newQuery()->fromSub($all, 'found')->orderBy('part')->orderByDesc('thing_id')->get()->all();
    }

    /**
     * @param  list<ThingKey>  $recent
     * @return list<Rows>
     */
    private function recent(Shop $shop, string $typed, array $recent): array
    {
        return array_map(function (ThingKey $one) use ($shop, $typed): Rows {
            $thing = $this->things($shop)->where(['kind' => $one->kind->value, 'thing_id' => $one->id]);
            FindByWords::along($thing, 'search_things.thing_id', $one->kind, $typed);

            return $thing;
        }, $recent);
    }

    private function some(Shop $shop, Kind $kind, string $typed, WordCounts $counts): Rows
    {
        $things = $this->things($shop)->where('kind', $kind->value)->orderByDesc('thing_id');
        if ($counts->areCommon()) {
            // The newest first, as they are read: to have them put in order would be to look at all of them.
            $things = $things->newQuery()->fromSub($things->limit($counts->isOneWord() ? self::TRIED_FOR_ONE : self::TRIED), 'search_things');
            FindByWords::along($things, 'search_things.thing_id', $kind, $typed);
        } else {
            FindByWords::in($things, 'search_things.thing_id', $shop, $kind, $typed, $counts->often());
        }

        return $things->limit(self::OF_EACH);
    }

    /** The newest; where there is too much to read, whichever are found. */
    private function byWords(Shop $shop, Kind $kind, WordCounts $counts): Rows
    {
        $ids = WordSets::having($shop, $kind, $counts->words, self::OF_EACH);
        if ($ids === null) {
            $ids = FindByWords::ids($shop, $kind, $counts);
            rsort($ids);
        }

        return $this->things($shop)->where('kind', $kind->value)->whereIntegerInRaw('thing_id', array_slice($ids, 0, self::OF_EACH))->orderByDesc('thing_id');
    }

    private function things(Shop $shop): Rows
    {
        return $this->db->table('search_things')->where('shop_id', $shop->id);
    }
}
