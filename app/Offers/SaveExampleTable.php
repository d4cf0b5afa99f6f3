<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\Editing;
use App\Database\InTransaction;
use App\Models\Offer;
use App\Models\PriceTable;
use App\Models\Shop;
use Illuminate\Validation\ValidationException;
use PaperKite\Medium\TableEntry;
use PaperKite\Offer\Example;
use PaperKite\Text\FormInput;

/** Makes the offers of the price table to begin from, and the table: together, or not at all. */
final readonly class SaveExampleTable
{
    private const NAME = 'Compare and choose';

    public function __construct(
        private ExampleOffers $examples,
        private ReadDraft $read,
        private SaveOffer $save,
        private SavePriceTable $saveTable,
        private InTransaction $inTransaction,
    ) {}

    /** @throws ValidationException where there is nothing to sell */
    public function __invoke(Shop $shop, Editing $editing): PriceTable
    {
        $examples = $this->examples->all($shop)[Example::Tiers->value];
        if ($examples === []) {
            throw ValidationException::withMessages(['table' => Example::Tiers->needs()]);
        }

        return ($this->inTransaction)(function () use ($shop, $examples, $editing): PriceTable {
            $saved = array_map(fn (Offer $offer): int => ($this->save)($shop, null, ($this->read)($shop, FormInput::ofForm(OfferForm::of($offer)), []), $editing)->id, $examples);

            return ($this->saveTable)($shop, null, TableEntry::read(FormInput::of([
                'name' => $this->freeName($shop), 'columns' => array_map(static fn (int $id): array => ['offer_id' => $id], $saved), 'stressed' => $saved[1] ?? null,
            ])), $editing);
        });
    }

    private function freeName(Shop $shop): string
    {
        for ($number = 1; ; $number++) {
            $name = $number === 1 ? self::NAME : self::NAME." {$number}";
            if ($shop->priceTables()->where('name', $name)->doesntExist()) {
                return $name;
            }
        }
    }
}
