<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Models\Marketplace;
use App\Models\PartnerAddress;
use App\Results\Labels;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Link\PlacementCode;
use PaperKite\Partner\Item;
use PaperKite\Partner\Report\ClickBook;
use PaperKite\Partner\Report\Clicks;
use PaperKite\Partner\Report\Crediting;
use PaperKite\Partner\Report\Place;
use PaperKite\Partner\Report\Sale;
use PaperKite\Results\EventKind;
use PaperKite\Shopfront\Surface;
use PaperKite\Time\Day;

/** Reads what sales are credited by: who the sub-IDs are, which goods the items, and what was clicked when. */
final class LoadCrediting
{
    private const HOURS_A_DAY = 24;

    /** @var array<int, array{array<array-key, list<int>>, array<int, string>}> products by item, and categories by product, of marketplaces that were read */
    private array $goods = [];

    public function __construct(private readonly ConnectionInterface $db) {}

    /**
     * @param  list<Sale>  $sales
     * @return array{Crediting, ClickBook}
     */
    public function __invoke(Marketplace $marketplace, array $sales): array
    {
        [$products, $categories] = $this->goods[$marketplace->id] ??= self::goodsOf($marketplace);
        [$places, $ledTo] = $this->places($marketplace, $sales);

        return [
            new Crediting($marketplace->counts, $marketplace->counts_for_hours, $products, $categories, $places, $ledTo),
            new ClickBook($this->clicks($marketplace, array_values(array_filter($sales, static fn (Sale $sale): bool => $sale->subId === '')))),
        ];
    }

    /** @return array{array<array-key, list<int>>, array<int, string>} */
    private static function goodsOf(Marketplace $marketplace): array
    {
        $products = $categories = [];
        foreach (PartnerAddress::query()->where('marketplace_id', $marketplace->id)->where('kind', 'item')->orderBy('product_id')->cursor() as $address) {
            $categories[$address->product_id] = $address->category;
            if ($address->target instanceof Item) {
                // Reports name an item by its whole reference, or by its last part.
                foreach (array_unique([$address->target->text(), (string) array_slice($address->target->reference, -1)[array_key_last($address->target->reference)]]) as $name) {
                    $products[$name][] = $address->product_id;
                }
            }
        }

        return [$products, $categories];
    }

    /**
     * @param  list<Sale>  $sales
     * @return array{array<string, Place>, array<string, list<int>>} by sub-ID, and what places lead to, by the keys of places
     */
    private function places(Marketplace $marketplace, array $sales): array
    {
        $places = $ledTo = $codes = $labels = [];
        foreach (array_unique(array_map(static fn (Sale $sale): string => $sale->subId, $sales)) as $subId) {
            if (Surface::tryFrom($subId) !== null || $subId === 'link') {
                $places[$subId] = Place::surface($subId);
            } elseif (preg_match('/\Afrom(\d{1,18})\z/', $subId, $found) === 1) {
                $labels[$subId] = (int) $found[1] === 0 ? Labels::OTHER : (int) $found[1];
            } else {
                $codes[$subId] = PlacementCode::read($subId)->text ?? '';
            }
        }
        foreach ($this->placements($marketplace->shop_id, array_filter($codes, static fn (string $code): bool => $code !== '')) as $subId => $id) {
            $places[$subId] = Place::placement($id);
        }
        foreach ($this->labels($marketplace->shop_id, $labels) as $subId => $id) {
            $places[$subId] = Place::label($id);
        }
        $ids = array_filter(array_map(static fn (Place $place): int => $place->placementId, $places));
        foreach ($ids === [] ? [] : $this->db->table('placements')->join('offer_lines', 'offer_lines.offer_id', '=', 'placements.offer_id')->whereIn('placements.id', array_values($ids))->get(['placements.id', 'offer_lines.product_id']) as $line) {
            /** @var object{id: int, product_id: int} $line */
            $ledTo[Place::placement($line->id)->key()][] = $line->product_id;
        }

        return [$places, $ledTo];
    }

    /**
     * @param  array<string, string>  $codes  by sub-ID
     * @return array<string, int> ids of those that are places of the shop
     */
    private function placements(int $shopId, array $codes): array
    {
        $known = $codes === [] ? [] : $this->db->table('placements')->where('shop_id', $shopId)->whereIn('code', array_values($codes))->pluck('id', 'code')->all();

        return array_filter(array_map(static fn (string $code): ?int => is_int($known[$code] ?? null) ? $known[$code] : null, $codes), is_int(...));
    }

    /**
     * @param  array<string, int>  $labels  by sub-ID
     * @return array<string, int> those that are labels of the shop
     */
    private function labels(int $shopId, array $labels): array
    {
        $own = $labels === [] ? [] : $this->db->table('labels')->where('shop_id', $shopId)->whereIn('id', array_values($labels))->pluck('id')->all();

        return array_filter($labels, static fn (int $id): bool => $id === Labels::OTHER || in_array($id, $own, true));
    }

    /**
     * @param  list<Sale>  $sales
     * @return iterable<Clicks> by hour
     */
    private function clicks(Marketplace $marketplace, array $sales): iterable
    {
        if ($sales === []) {
            return;
        }
        $days = array_map(static fn (Sale $sale): int => $sale->day->number(), $sales);
        $back = intdiv($marketplace->counts_for_hours + self::HOURS_A_DAY - 1, self::HOURS_A_DAY);
        $epoch = Day::read('1970-01-01');
        $rows = $this->db->table('events')->where(['shop_id' => $marketplace->shop_id, 'marketplace_id' => $marketplace->id, 'kind' => EventKind::Lead->value])
            ->whereBetween('day', [$epoch->plusDays(min($days) - $back)->text(), $epoch->plusDays(max($days))->text()])
            ->groupBy('day', 'hour', 'product_id', 'placement_id', 'label_id')->orderBy('day')->orderBy('hour')
            ->selectRaw('day, hour, product_id, placement_id, label_id, SUM(is_act) AS acts')->cursor();
        foreach ($rows as $row) {
            /** @var object{day: string, hour: int, product_id: int, placement_id: int, label_id: int, acts: int|string} $row */
            $place = match (true) {
                $row->placement_id !== 0 => Place::placement($row->placement_id),
                $row->label_id !== 0 => Place::label($row->label_id),
                default => Place::surface('shop'),
            };
            yield new Clicks($place, $row->product_id, Day::read($row->day)->number() * self::HOURS_A_DAY + $row->hour, (int) $row->acts);
        }
    }
}
