<?php

declare(strict_types=1);

namespace App\Results;

use App\Database\InTransaction;
use App\Models\DisplayPlacement;
use App\Models\Placement;
use DateTimeImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Results\EventKind;

/**
 * Writes what was spooled into the database, each line once: how far a file has been read is written in the transaction
 * that writes its lines, so that whatever is killed, none is lost and none comes twice.
 */
final readonly class WriteSpooled
{
    private const LINES_AT_ONCE = InsertEvents::MOST_ALIKE;

    private const ROWS_AT_ONCE = 1000;

    public function __construct(
        private Spool $spool,
        private InTransaction $inTransaction,
        private InsertEvents $insert,
        private ConnectionInterface $db,
    ) {}

    /** @return int how many lines were written */
    public function __invoke(): int
    {
        $written = 0;
        foreach ($this->spool->files() as $name) {
            do {
                $lines = ($this->inTransaction)(fn (): int => $this->batch($name));
                $written += $lines;
            } while ($lines > 0);
            if ($this->spool->isClosed($name)) {
                $this->spool->remove($name);
                $this->db->table('spool_marks')->where('file', $name)->delete();
            }
        }

        return $written;
    }

    private function batch(string $name): int
    {
        // Makes the mark or finds it, and locks it: two workers take turns.
        $this->db->insert('INSERT INTO spool_marks (file, `offset`) VALUES (?, 0) ON DUPLICATE KEY UPDATE file = file', [$name]);
        $mark = $this->db->table('spool_marks')->where('file', $name)->value('offset');
        [$lines, $end] = $this->spool->read($name, is_numeric($mark) ? (int) $mark : 0, self::LINES_AT_ONCE);
        if ($lines === []) {
            return 0;
        }
        foreach (array_chunk($this->rows(self::counted($lines)), self::ROWS_AT_ONCE) as $rows) {
            ($this->insert)($rows);
        }
        $this->db->table('spool_marks')->where('file', $name)->update(['offset' => $end]);

        return count($lines);
    }

    /**
     * @param  list<string>  $lines
     * @return list<array{SpooledAct, int}> each act, and how often it was done
     */
    private static function counted(array $lines): array
    {
        $acts = [];
        foreach (array_count_values($lines) as $line => $times) {
            $act = SpooledAct::read((string) $line);
            if ($act !== null) {
                $acts[] = [$act, $times];
            }
        }

        return $acts;
    }

    /**
     * @param  list<array{SpooledAct, int}>  $acts
     * @return list<array<string, int|string|bool>>  as InsertEvents takes them
     */
    private function rows(array $acts): array
    {
        $codes = array_values(array_unique(array_merge(...array_map(static fn (array $done): array => [...$done[0]->codes, ...array_filter([$done[0]->in])], $acts))));
        $placements = $this->placements($codes);
        $displays = $this->displays(array_values(array_diff($codes, $placements->keys()->all())));
        $rows = [];
        foreach ($acts as [$act, $times]) {
            foreach ($act->codes as $code) {
                $placement = $placements->get($code);
                $display = $displays->get($code);
                $events = match (true) {
                    $placement !== null => self::events($act, self::clickedIn($placement, $displays->get($act->in))),
                    $display !== null => [new Event($act->kind, CountedShop::of($display->shop), Source::ofDisplay($display), $act->country, $act->device)],
                    default => [],
                };
                foreach ($events as $event) {
                    array_push($rows, ...array_map(static fn (array $row): array => $row + ['times' => $times], EventRows::of($event, new DateTimeImmutable("@{$act->at}"))));
                }
            }
        }

        return $rows;
    }

    /** A page may say anything of where its widgets stand. */
    private static function clickedIn(Placement $placement, ?DisplayPlacement $display): Placement
    {
        return $display !== null && $display->whole_table_id === $placement->price_table_id ? $placement->clickedIn($display) : $placement;
    }

    /** @return non-empty-list<Event> */
    private static function events(SpooledAct $act, Placement $placement): array
    {
        $lines = $placement->offer->lines;
        $goods = $act->kind === EventKind::View && $lines->count() === 1 ? [new EventGoods($lines[0]->product_id ?? 0)] : [];

        $events = [new Event($act->kind, CountedShop::of($placement->shop), Source::of($placement), $act->country, $act->device, $goods)];

        return $act->lead === null ? $events : [...$events, new Event(EventKind::Lead, CountedShop::of($placement->shop), Source::of($placement), $act->country, $act->device, [new EventGoods($act->lead->productId)], $act->lead->marketplaceId)];
    }

    /**
     * @param  list<string>  $codes
     * @return Collection<string, DisplayPlacement> by code
     */
    private function displays(array $codes): Collection
    {
        return $codes === [] ? new Collection : DisplayPlacement::withDeleted()->whereIn('code', $codes)->with('shop:id,timezone,currency')->get(['id', 'shop_id', 'code', 'whole_table_id'])->keyBy(static fn (DisplayPlacement $display): string => $display->code);
    }

    /**
     * @param  list<string>  $codes
     * @return Collection<string, Placement> by code
     */
    private function placements(array $codes): Collection
    {
        // What was deleted since was clicked before.
        return Placement::withDeleted()->whereIn('code', $codes)->with(['shop:id,timezone,currency', 'offer:id', 'offer.lines:id,offer_id,product_id,position'])->get(['id', 'shop_id', 'offer_id', 'code', 'price_table_id'])->keyBy(static fn (Placement $placement): string => $placement->code);
    }
}
