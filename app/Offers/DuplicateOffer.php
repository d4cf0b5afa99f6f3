<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\Editing;
use App\Models\Offer;
use App\Models\Person;
use App\Models\Shop;
use PaperKite\Text\FormInput;

/** Makes the next offer from one that is there: a draft that says the same and is placed nowhere. */
final readonly class DuplicateOffer
{
    public function __construct(
        private ReadDraft $read,
        private SaveOffer $save,
    ) {}

    /** @param  Offer  $offer  with all that its sentence needs */
    public function __invoke(Shop $shop, Offer $offer, ?Person $person): Offer
    {
        return ($this->save)($shop, null, ($this->read)($shop, FormInput::ofForm(OfferForm::of($offer)), []), new Editing($person, null));
    }
}
