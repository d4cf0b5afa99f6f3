<?php

declare(strict_types=1);

namespace App\Demo;

use App\Looks\ReadLooks;
use App\Models\DisplayPlacement;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use App\Time\Clock;
use PaperKite\Medium\Widget;

/** The demo's widgets as their sellers once pasted them into the stand-ins' pages. */
final readonly class WidgetPages
{
    /** What the seller calls the page on which each stands, by the name that the page has for its place. */
    public const PAGES = [
        'stay' => 'Tarn anglers, the flask',
        'picture' => 'Tarn anglers, the table',
        'price' => 'The long table, bread',
        'gift' => 'The long table, hedge',
        'partner' => 'Tarn anglers, the walk home',
        'other' => 'The harvest fair',
        'mini' => 'The attic, the honey',
        'pop' => 'Night walks, the wrap',
        'story' => 'The attic, the loaf',
        'basket' => 'Sundays, the basket',
    ];

    public function __construct(
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    public function write(): void
    {
        $folder = config('kite.demo.pages');
        if (! is_string($folder) || ! is_dir($folder)) {
            return;
        }
        $pasted = ['base' => Shop::query()->where('slug', MosslightApiary::SLUG)->firstOrFail()->base()];
        foreach ($this->placements() as $placement) {
            $pasted[substr((string) $placement->label, strlen('widget-'))] = $this->snippet($placement);
        }
        foreach (DisplayPlacement::query()->whereIn('label', ['widget-table', 'widget-shelf'])->with(['shop', 'priceTable', 'shelf'])->get() as $display) {
            $pasted[substr((string) $display->label, strlen('widget-'))] = Widget::around($display->link($display->shop)->url(), $display->name(), $display->shop->base());
        }
        $pasted['script'] = "<script async src=\"{$pasted['base']}".Widget::SCRIPT.'"></script>';
        // Fifty of them: a seller's own pages can be as full.
        $pasted['wall'] = implode("\n", array_slice(array_merge(...array_fill(0, 50, array_values(array_intersect_key($pasted, ['stay' => true, 'price' => true, 'partner' => true])))), 0, 50));
        file_put_contents("{$folder}/widgets-demo.json", json_encode($pasted, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }

    /** @return iterable<Placement> */
    private function placements(): iterable
    {
        return Placement::query()->whereIn('label', array_map(static fn (string $name): string => "widget-{$name}", array_keys(self::PAGES)))
            ->with(['shop', ...array_map(static fn (string $relation): string => "offer.{$relation}", Offer::TOLD_WITH)])->get();
    }

    private function snippet(Placement $placement): string
    {
        return OfferSnippets::of($placement->offer, $placement->shop, ($this->looks)($placement->shop), $this->clock->moment())->snippet($placement);
    }
}
