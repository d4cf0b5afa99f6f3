<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\Changed;
use App\Changes\ChangedMeanwhile;
use App\Changes\Editing;
use App\Database\InTransaction;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\OfferVersion;
use App\Models\Person;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Support\Facades\DB;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Sentence;

/** Writes an offer with its goods and a page of its history, in one transaction. */
final readonly class SaveOffer
{
    public function __construct(
        private Changed $changed,
        private ReadLooks $looks,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /**
     * @param  Offer|null  $offer  the one that is changed; `null` for a new one
     *
     * @throws ChangedMeanwhile
     */
    public function __invoke(Shop $shop, ?Offer $offer, DraftGoods $draft, Editing $editing): Offer
    {
        return ($this->inTransaction)(function () use ($shop, $offer, $draft, $editing): Offer {
            $locked = $offer === null ? null : Offer::query()->whereKey($offer->id)->lockForUpdate()->firstOrFail();
            if ($locked !== null && $editing->isBehind($locked->version)) {
                throw $this->changedMeanwhile($locked, $shop, $editing);
            }
            $before = $locked === null ? null : OfferForm::of($locked->load(Offer::TOLD_WITH));
            if ($locked !== null && $locked->versions()->doesntExist()) {
                $this->writeVersion($locked, $shop, null);
            }
            $saved = $this->written($shop, $locked, $draft);
            $this->writeLines($saved, $draft);
            $told = $saved->refresh()->load(Offer::TOLD_WITH);
            // Whoever sends again what stands there already, for want of an answer, makes no version of it.
            if (json_encode($before) !== json_encode(OfferForm::of($told))) {
                $told->update(['version' => $locked === null ? $told->version : $told->version + 1]);
                $this->writeVersion($told, $shop, $editing->person);
            }
            $this->changed->offer($told);

            return $told;
        });
    }

    private function changedMeanwhile(Offer $offer, Shop $shop, Editing $editing): ChangedMeanwhile
    {
        $last = $offer->versions()->with('person')->first();
        $at = $last === null ? null : ChangedMeanwhile::shownAt((int) $last->created_at->getTimestamp(), $shop->zone());

        return ChangedMeanwhile::because('This offer was', $last?->person, $editing->person, $at, $offer->version);
    }

    private function written(Shop $shop, ?Offer $offer, DraftGoods $draft): Offer
    {
        $attributes = $draft->attributes();
        if ($offer === null) {
            return $shop->offers()->create(['state' => OfferState::Draft, ...$attributes]);
        }
        $offer->update($attributes);

        return $offer;
    }

    private function writeLines(Offer $offer, DraftGoods $draft): void
    {
        DB::table('offer_lines')->where('offer_id', $offer->id)->delete();
        // A line's foreign key locks its product: by id, as every order locks its goods.
        $lines = collect($draft->lines())->sortBy('product_id')->values();
        DB::table('offer_lines')->insert($lines->map(static fn (array $line): array => $line + ['shop_id' => $offer->shop_id, 'offer_id' => $offer->id])->all());
    }

    /** @param  Person|null  $person  who made it so; `null` where nobody knows */
    private function writeVersion(Offer $offer, Shop $shop, ?Person $person): void
    {
        OfferVersion::query()->create([
            'shop_id' => $offer->shop_id,
            'offer_id' => $offer->id,
            'version' => $offer->version,
            'sentence' => Sentence::decided($offer->toCore($shop, ($this->looks)($shop)->chosen($offer->look_id)->name))->text(),
            'entry' => OfferForm::of($offer),
            'person_id' => $person?->id,
            'created_at' => $person === null ? $offer->updated_at : $this->clock->now(),
        ]);
    }
}
