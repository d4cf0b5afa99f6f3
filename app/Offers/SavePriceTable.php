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
use PaperKite\Medium\InTable;
use PaperKite\Medium\PlainLink;
use PaperKite\Medium\TableEntry;
use PaperKite\Medium\TableEntryColumn;

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
     * @throws ValidationException where the entry can't be saved
     * @throws ChangedMeanwhile
     */
    public function __invoke(Shop $shop, ?PriceTable $table, TableEntry $entry, Editing $editing): PriceTable
    {
        $this->mustBeRight($shop, $entry);
        $save = fn (): PriceTable => $this->saved($shop, $table, $entry);

        return $table === null
            ? ($this->inTransaction)($save)
            : ($this->saveForm)(Edited::thing(EditKind::PriceTable, $shop, $table->id), $editing, static fn (): PriceTableForm => PriceTableForm::of($table->refresh()->load('columns')), $save);
    }

    private function mustBeRight(Shop $shop, TableEntry $entry): void
    {
        $errors = $entry->errors;
        $offers = array_map(static fn (TableEntryColumn $column): int => $column->offer, $entry->columns);
        if (! isset($errors['columns']) && Offer::query()->where('shop_id', $shop->id)->whereKey($offers)->whereHas('lines')->count() !== count($offers)) {
            $errors['columns'] = 'One of these is no offer of this shop that sells something; choose another.';
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
    }

    private function saved(Shop $shop, ?PriceTable $table, TableEntry $entry): PriceTable
    {
        $name = $entry->name;
        $namesake = PriceTable::withDeleted()->where(['shop_id' => $shop->id, 'name' => $name])->whereKeyNot($table->id ?? 0)->lockForUpdate()->first();
        if ($namesake !== null) {
            throw ValidationException::withMessages(['name' => $namesake->deleted_at === null ? "There is a price table called “{$name}” already; choose another name." : "A price table called “{$name}” was deleted; take it back, or choose another name."]);
        }
        $saved = $table?->fresh() ?? $shop->priceTables()->make();
        $saved->fill(['name' => $name, 'badge' => $entry->badge])->save();
        $this->writeColumns($saved, $entry);
        $saved = $saved->refresh()->load(PriceTable::TOLD_WITH);
        $saved->update(['is_stale' => TableSnippet::isStale($saved, $shop, ($this->looks)($shop), $this->clock->moment())]);

        return $saved;
    }

    private function writeColumns(PriceTable $table, TableEntry $entry): void
    {
        $there = $table->columns()->get()->keyBy('offer_id');
        // A column that goes keeps its code, since its link may stand somewhere still.
        $table->columns()->update(['price_table_id' => null, 'table_position' => null, 'is_stressed' => null, 'column_name' => '', 'column_text' => '', 'medium' => (new PlainLink)->key()]);
        foreach ($entry->columns as $position => $column) {
            $as = [
                'page' => $table->name, 'medium' => (new InTable)->key(), 'price_table_id' => $table->id, 'table_position' => $position,
                'is_stressed' => $column->offer === $entry->stressed ? true : null, 'column_name' => $column->name, 'column_text' => $column->text,
            ];
            $placement = $there->get($column->offer);
            if ($placement instanceof Placement) {
                $placement->refresh()->update($as);
            } else {
                ($this->place)(Offer::query()->where('shop_id', $table->shop_id)->findOrFail($column->offer), $as);
            }
        }
    }
}
