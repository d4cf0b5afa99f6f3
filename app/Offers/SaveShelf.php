<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\ChangedMeanwhile;
use App\Changes\Edited;
use App\Changes\Editing;
use App\Changes\EditKind;
use App\Changes\SaveForm;
use App\Database\InTransaction;
use App\Models\Category;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use Illuminate\Validation\ValidationException;
use PaperKite\Shopfront\ShelfInput;

/** Writes a shelf with what stands on it. */
final readonly class SaveShelf
{
    public function __construct(
        private SaveForm $saveForm,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @throws ValidationException where the entry can't be saved
     * @throws ChangedMeanwhile
     */
    public function __invoke(Shop $shop, ?Shelf $shelf, ShelfInput $entry, Editing $editing): Shelf
    {
        $category = $entry->category === '' ? null : $shop->categories()->where('name', $entry->category)->first();
        $this->mustBeRight($shop, $entry, $category);
        $save = fn (): Shelf => $this->saved($shop, $shelf, $entry, $category);

        return $shelf === null
            ? ($this->inTransaction)($save)
            : ($this->saveForm)(Edited::thing(EditKind::Shelf, $shop, $shelf->id), $editing, static fn (): ShelfForm => ShelfForm::of($shelf->refresh()->load(['picked', 'category'])), $save);
    }

    private function mustBeRight(Shop $shop, ShelfInput $entry, ?Category $category): void
    {
        $errors = $entry->errors;
        if ($entry->category !== '' && $category === null) {
            $errors['category'] = 'This category is not there any more; choose another.';
        }
        if (! isset($errors['products']) && Product::query()->where('shop_id', $shop->id)->whereKey($entry->products)->count() !== count($entry->products)) {
            $errors['products'] = 'One of these is no product of this shop any more; take it out.';
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
    }

    private function saved(Shop $shop, ?Shelf $shelf, ShelfInput $entry, ?Category $category): Shelf
    {
        $namesake = Shelf::withDeleted()->where(['shop_id' => $shop->id, 'name' => $entry->name])->whereKeyNot($shelf->id ?? 0)->lockForUpdate()->first();
        if ($namesake !== null) {
            throw ValidationException::withMessages(['name' => $namesake->deleted_at === null ? "There is a shelf called “{$entry->name}” already; choose another name." : "A shelf called “{$entry->name}” was deleted; take it back, or choose another name."]);
        }
        $saved = $shelf?->fresh() ?? $shop->shelves()->make();
        $saved->fill(['name' => $entry->name, 'density' => $entry->density, 'onwards' => $entry->onwards, 'category_id' => $category?->id, 'updated_at' => $saved->freshTimestamp()])->saveQuietly();
        $saved->picked()->detach();
        $saved->picked()->attach(array_combine($entry->products, array_map(static fn (int $position): array => ['position' => $position], array_keys($entry->products))));

        // Told of once all stands on it.
        $saved->save();

        return $saved->refresh()->load(['picked', 'category']);
    }
}
