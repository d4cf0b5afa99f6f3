<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\ChangedMeanwhile;
use App\Changes\Edited;
use App\Changes\Editing;
use App\Changes\EditKind;
use App\Changes\SaveForm;
use App\Database\InTransaction;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Validation\ValidationException;
use PaperKite\Medium\PlainLink;
use PaperKite\Medium\TableColumn;

/** Writes a price table: a placement for each of its columns, so that each is counted by itself. */
final readonly class SavePriceTable
{
    public function __construct(
        private PlaceOffer $place,
        private SaveForm $saveForm,
        private ReadLooks $looks,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /**
     * @param  list<int>  $offers  by id, from the first column to the last
     * @param  int|null  $stressed  the offer whose column stands out
     *
     * @throws ChangedMeanwhile
     */
    public function __invoke(Shop $shop, ?PriceTable $table, string $name, array $offers, ?int $stressed, Editing $editing): PriceTable
    {
        $save = fn (): PriceTable => $this->saved($shop, $table, $name, $offers, $stressed);

        return $table === null
            ? ($this->inTransaction)($save)
            : ($this->saveForm)(Edited::thing(EditKind::PriceTable, $shop, $table->id), $editing, static fn (): PriceTableForm => PriceTableForm::of($table->refresh()->load('columns')), $save);
    }

    /** @param  list<int>  $offers */
    private function saved(Shop $shop, ?PriceTable $table, string $name, array $offers, ?int $stressed): PriceTable
    {
        $namesake = PriceTable::withDeleted()->where(['shop_id' => $shop->id, 'name' => $name])->whereKeyNot($table->id ?? 0)->lockForUpdate()->first();
        if ($namesake !== null) {
            throw ValidationException::withMessages(['name' => $namesake->deleted_at === null ? "There is a price table called “{$name}” already; choose another name." : "A price table called “{$name}” was deleted; take it back, or choose another name."]);
        }
        $saved = $table?->fresh() ?? $shop->priceTables()->make();
        $saved->fill(['name' => $name])->save();
        $this->writeColumns($saved, $offers, $stressed);
        $saved = $saved->refresh()->load(PriceTable::TOLD_WITH);
        $saved->update(['is_stale' => TableSnippet::isStale($saved, $shop, ($this->looks)($shop), $this->clock->moment())]);

        return $saved;
    }

    /** @param  list<int>  $offers */
    private function writeColumns(PriceTable $table, array $offers, ?int $stressed): void
    {
        $there = $table->columns()->get()->keyBy('offer_id');
        // A column that goes keeps its code, since its link may stand somewhere still.
        $table->columns()->update(['price_table_id' => null, 'table_position' => null, 'is_stressed' => null, 'medium' => (new PlainLink)->key()]);
        foreach ($offers as $position => $id) {
            $as = ['page' => $table->name, 'medium' => (new TableColumn)->key(), 'price_table_id' => $table->id, 'table_position' => $position, 'is_stressed' => $id === $stressed ? true : null];
            $placement = $there->get($id);
            if ($placement instanceof Placement) {
                $placement->refresh()->update($as);
            } else {
                ($this->place)(Offer::query()->where('shop_id', $table->shop_id)->findOrFail($id), $as);
            }
        }
    }
}
