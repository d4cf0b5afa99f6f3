<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Clicks\CountLedOn;
use App\Clicks\CountView;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Looks\LookBook;
use App\Looks\ReadLooks;
use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Results\Source;
use App\Shopfront\ShelfGoods;
use App\Time\Clock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LogicException;
use PaperKite\Link\Visit;
use PaperKite\Look\Look;
use PaperKite\Medium\LookSheet;
use PaperKite\Offer\OfferState;
use Symfony\Component\HttpFoundation\Response as Answer;

/** The page of a display: what its widget shows, for whoever has only its link. */
final readonly class DisplayPages
{
    public function __construct(
        private RequestedPlacement $requested,
        private PlacementNotices $notices,
        private LinkPreview $preview,
        private CountLedOn $click,
        private CountView $count,
        private ReadCaller $caller,
        private ReadLooks $looks,
        private ShelfGoods $goods,
        private Clock $clock,
    ) {}

    /** @return Answer|null `null` where there is no display by this code */
    public function clicked(Request $request, string $code, Visit $visit): ?Answer
    {
        $display = $this->requested->display($request, $code);

        return match (true) {
            $display === null => null,
            $visit === Visit::Frame && $display->deleted_at === null => $this->frame($display),
            $visit === Visit::Preview => $this->notices->restingDisplay($display) ?? $this->preview->ofDisplay($display),
            default => $this->notices->restingDisplay($display) ?? $this->counted($request, $display),
        };
    }

    /** @return Answer|null `null` where there is no display by this code */
    public function shown(Request $request, string $code): ?Answer
    {
        $display = $this->requested->display($request, $code);

        return $display === null ? null : $this->notices->restingDisplay($display) ?? $this->page($request, $display);
    }

    private function counted(Request $request, DisplayPlacement $display): RedirectResponse
    {
        $this->click->ofDisplay($display, Visitor::of($request)->owner(), ($this->caller)($request));

        return new RedirectResponse("/o/{$display->code}", Answer::HTTP_SEE_OTHER);
    }

    private function page(Request $request, DisplayPlacement $display): Response
    {
        if (Visit::isNavigation($request->method(), RequestHeaders::ofVisit($request))) {
            ($this->count)($display->shop, Source::ofDisplay($display), null, Visitor::of($request)->owner(), ($this->caller)($request));
        }

        return $display->priceTable === null ? $this->shelf($request, $display) : $this->table($display, $display->priceTable);
    }

    private function table(DisplayPlacement $display, PriceTable $table): Response
    {
        $columns = array_values($table->columns->filter(static fn (Placement $column): bool => in_array($column->offer->state, [OfferState::Live, OfferState::Paused], true))->all());
        $looks = ($this->looks)($display->shop);
        $at = $this->clock->moment();

        return response()->view('shop.table', [
            'shop' => $display->shop,
            'table' => $table,
            'columns' => array_map(static fn (Placement $column): ShownColumn => ShownColumn::of($column, $display, $at), $columns),
            'css' => implode('', array_map(static fn (Placement $column, int $index): string => (new LookSheet(self::worn($looks, $column), ".column-{$index} .button"))->css(), $columns, array_keys($columns))),
        ], 200, ['X-Robots-Tag' => 'noindex']);
    }

    private function shelf(Request $request, DisplayPlacement $display): Response
    {
        $shelf = $display->shelf ?? throw new LogicException("Placement {$display->id} shows nothing.");

        return response()->view('shop.shelf', [
            'shop' => $display->shop,
            'shelf' => $shelf,
            'code' => $display->code,
            'country' => ($this->caller)($request)->country,
            'wasAdded' => $request->query('after') === 'added',
            'products' => $this->goods->page($display->shop, $shelf, $request->integer('page', 1))->withPath("/o/{$display->code}"),
        ], 200, ['X-Robots-Tag' => 'noindex']);
    }

    private static function worn(LookBook $looks, Placement $column): Look
    {
        return $looks->at($column, $column->offer)->values;
    }

    private function frame(DisplayPlacement $display): Response
    {
        return FramedLink::answer($display->shop, $display->name(), $display->code, null);
    }
}
