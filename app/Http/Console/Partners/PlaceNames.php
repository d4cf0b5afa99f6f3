<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Models\PartnerSale;
use App\Models\Shop;
use App\Results\Labels;
use Illuminate\Support\Facades\DB;
use PaperKite\Shopfront\Surface;

/** What places are called to which sales are credited. */
final readonly class PlaceNames
{
    /**
     * @param  array<int, string>  $placements
     * @param  array<int, string>  $labels
     */
    private function __construct(
        private array $placements,
        private array $labels,
    ) {}

    /**
     * @param  list<int>  $placements
     * @param  list<int>  $labels
     */
    public static function read(Shop $shop, array $placements, array $labels): self
    {
        /** @var array<int, string> $pages */
        $pages = DB::table('placements')->where('shop_id', $shop->id)->whereIn('id', array_unique($placements))->pluck('page', 'id')->all();
        /** @var array<int, string> $texts */
        $texts = DB::table('labels')->where('shop_id', $shop->id)->whereIn('id', array_unique($labels))->pluck('text', 'id')->all();

        return new self($pages, $texts);
    }

    /** @param  iterable<PartnerSale>  $sales */
    public static function ofSales(Shop $shop, iterable $sales): self
    {
        $placements = $labels = [];
        foreach ($sales as $sale) {
            foreach ([['placement' => $sale->placement_id, 'label' => $sale->label_id], ...$sale->candidates ?? []] as $each) {
                $placements[] = $each['placement'];
                $labels[] = $each['label'];
            }
        }

        return self::read($shop, $placements, $labels);
    }

    public function of(int $placement, int $label, string $surface): string
    {
        return match (true) {
            $placement !== 0 => $this->placements[$placement] ?? 'A place that is gone',
            $label === Labels::OTHER => 'Other labels',
            $label !== 0 => 'Label “'.($this->labels[$label] ?? '…').'”',
            $surface === 'link' => 'Links without a label',
            $surface === Surface::List->value => 'The shop’s list',
            $surface === Surface::Product->value => 'The shop’s product page',
            $surface === Surface::Glance->value => 'A glance in the shop',
            default => 'The shop’s own pages',
        };
    }
}
