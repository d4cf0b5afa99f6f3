<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\Editing;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Person;
use App\Models\Shop;
use PaperKite\Text\FormInput;

/** Changes several offers, each by itself: one that can't be changed stays as it is, and is told of. */
final readonly class ChangeOffers
{
    public const MOST_AT_ONCE = 100;

    public function __construct(
        private SetOfferState $setState,
        private ReadDraft $read,
        private ReadLooks $looks,
        private SaveOffer $save,
    ) {}

    /**
     * @param  list<OfferChange>  $changes
     * @param  bool  $takesBack  whether they take back what was done a moment ago
     */
    public function __invoke(Shop $shop, array $changes, ?Person $person, bool $takesBack): ChangedOffers
    {
        $offers = Offer::query()->where('shop_id', $shop->id)->whereKey(array_map(static fn (OfferChange $change): int => $change->offer, $changes))->with(Offer::TOLD_WITH)->get()->keyBy('id');
        $before = [];
        $stayed = [];
        foreach ($changes as $change) {
            $offer = $offers->get($change->offer);
            if ($offer instanceof Offer) {
                try {
                    $before[] = $change->state === null
                        ? $this->look($shop, $offer, $change->look, $person)
                        : OfferChange::toState($offer->id, ($this->setState)($shop, $offer, $change->state, $takesBack));
                } catch (OfferStays $stays) {
                    $stayed[$offer->id] = $stays->getMessage();
                }
            }
        }

        return new ChangedOffers($before, $stayed);
    }

    /** @throws OfferStays */
    private function look(Shop $shop, Offer $offer, ?int $look, ?Person $person): OfferChange
    {
        if ($look !== null && ($this->looks)($shop)->find($look) === null) {
            throw OfferStays::because(['This look is no longer there; choose another one.']);
        }
        $before = OfferChange::toLook($offer->id, $offer->look_id);
        if ($offer->look_id !== $look) {
            $entry = FormInput::ofForm(OfferForm::of($offer))->with(['look_id' => $look]);
            ($this->save)($shop, $offer, ($this->read)($shop, $entry, []), new Editing($person, null));
        }

        return $before;
    }
}
