<?php

declare(strict_types=1);

namespace App\Offers;

use App\Database\InTransaction;
use App\Models\Offer;
use App\Models\Shop;
use PaperKite\Medium\PlainLink;
use PaperKite\Offer\OfferState;

/** Publishes, pauses, archives an offer, and brings it back. */
final readonly class SetOfferState
{
    /** Where an offer stands that goes live before it was placed anywhere. */
    private const FIRST_PLACE = 'a link to share';

    public function __construct(
        private Obstacles $obstacles,
        private PlaceOffer $place,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @param  bool  $takesBack  whether it becomes again what it was a moment ago, which may be a state that nothing else leads to
     * @return OfferState what it was
     *
     * @throws OfferStays
     */
    public function __invoke(Shop $shop, Offer $offer, OfferState $next, bool $takesBack = false): OfferState
    {
        return ($this->inTransaction)(function () use ($shop, $offer, $next, $takesBack): OfferState {
            $locked = Offer::query()->whereKey($offer->id)->with(Offer::TOLD_WITH)->lockForUpdate()->firstOrFail();
            $before = $locked->state;
            if (! $takesBack && $before !== $next && ! $before->canBecome($next)) {
                throw OfferStays::cantBecome($before, $next);
            }
            if ($next === OfferState::Live) {
                $errors = ($this->obstacles)($locked, $shop);
                if ($errors !== []) {
                    throw OfferStays::because($errors);
                }
            }
            $locked->update(['state' => $next]);
            if ($next === OfferState::Live && $locked->placements->isEmpty()) {
                ($this->place)($locked, ['page' => self::FIRST_PLACE, 'medium' => (new PlainLink)->key()]);
            }

            return $before;
        });
    }
}
