<?php

declare(strict_types=1);

namespace App\Results;

use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Link\Device;
use PaperKite\Results\EventKind;

/** Records what became of the lines of a cart: an event for each place that they came from. */
final readonly class RecordLines
{
    public function __construct(
        private RecordEvent $record,
        private ConnectionInterface $db,
    ) {}

    /** @param  list<LineOfEvent>  $lines */
    public function __invoke(EventKind $kind, Shop $shop, ?string $country, ?Device $device, array $lines): void
    {
        $offers = $this->offersOf($lines);
        $sources = $goods = [];
        foreach ($lines as $line) {
            $from = "{$line->placementId}|{$line->offerId}|{$line->labelId}";
            $sources[$from] ??= Source::kept($line->offerId ?? $offers[$line->placementId ?? 0] ?? null, $line->placementId, $line->labelId);
            $goods[$from][] = $line->goods;
        }
        ($this->record)(...array_map(
            static fn (Source $source, array $its): Event => new Event($kind, CountedShop::of($shop), $source, $country, $device, $its),
            array_values($sources),
            array_values($goods),
        ));
    }

    /**
     * @param  list<LineOfEvent>  $lines
     * @return array<int, int|null> by placement
     */
    private function offersOf(array $lines): array
    {
        $placements = array_unique(array_filter(array_map(static fn (LineOfEvent $line): ?int => $line->placementId, $lines), is_int(...)));
        $offers = [];
        foreach ($placements === [] ? [] : $this->db->table('placements')->whereIn('id', $placements)->get(['id', 'offer_id']) as $placement) {
            /** @var object{id: int, offer_id: int|null} $placement */
            $offers[$placement->id] = $placement->offer_id;
        }

        return $offers;
    }
}
