<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\Shop;
use App\Time\Clock;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Severity;
use PaperKite\Text\FormInput;
use Symfony\Component\Intl\Countries;

/** Why an offer can't go live yet. */
final readonly class Obstacles
{
    public function __construct(
        private ReadDraft $read,
        private Clock $clock,
    ) {}

    /**
     * @param  Offer  $offer  with all that its sentence needs
     * @return list<string> sentences; none where it can
     */
    public function __invoke(Offer $offer, Shop $shop): array
    {
        $draft = ($this->read)($shop, FormInput::ofForm(OfferForm::of($offer)), [])->draft;
        $proof = Proof::of($draft, $shop->rules(), $shop->home_country, Countries::getName($shop->home_country, 'en'), $this->clock->moment());
        $errors = array_filter($proof->findings(), static fn (Finding $finding): bool => $finding->severity === Severity::Error);

        return array_values(array_map(static fn (Finding $finding): string => $finding->sentence, $errors));
    }
}
