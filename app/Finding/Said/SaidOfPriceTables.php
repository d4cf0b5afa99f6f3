<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
use App\Finding\SaidOf;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use PaperKite\Offer\ButtonState;

/** By their name and by what their columns sell. */
final readonly class SaidOfPriceTables implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::PriceTable;
    }

    public function of(Shop $shop, array $ids): array
    {
        $said = [];
        foreach (PriceTable::query()->where('shop_id', $shop->id)->whereKey($ids)->with(PriceTable::TOLD_WITH)->get() as $table) {
            $columns = $table->columns->count();
            $said[$table->id] = new Said($table->name, ($columns === 1 ? 'one column' : "{$columns} columns").($table->put_away_at === null ? '' : ' · archived'), implode(' ', [
                ...$table->columns->map(static fn (Placement $column): string => $column->word(ButtonState::Idle, $column->offer, $shop))->all(),
                ...$table->columns->flatMap(static fn (Placement $column): array => $column->offer->lines->map(static fn (OfferLine $line): string => "{$line->product->name} {$line->product->sku} {$line->variant?->sku}")->all())->all(),
            ]));
        }

        return $said;
    }
}
