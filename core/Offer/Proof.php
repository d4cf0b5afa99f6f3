<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Quote\Fault;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShopRules;
use PaperKite\Time\Moment;

/** A draft with all that is worked out from it: the offer it reads as, its bill, its sentence, its findings. */
final readonly class Proof
{
    /** @param  list<Fault>  $faults  why there is no bill, where there are goods */
    private function __construct(
        public Draft $draft,
        public Offer $offer,
        public ShopRules $rules,
        /** `null` where it can't be told. */
        public ?Receipt $bill,
        public array $faults,
        /** As a person reads it. */
        public string $country,
        public Moment $at,
    ) {}

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, where the bill is for
     * @param  string  $countryName  the same as a person reads it
     */
    public static function of(Draft $draft, ShopRules $rules, string $country, string $countryName, Moment $at): self
    {
        $offer = $draft->offer();

        $bill = $offer->destination->bill($rules, $country, $at);

        return new self($draft, $offer, $rules, $bill->receipt, $bill->faults, $countryName, $at);
    }

    public function sentence(): Sentence
    {
        return Sentence::of($this->offer, $this->bill, $this->draft->shop->placeNames());
    }

    /** @return list<Finding> errors first, then in the order of the sentence */
    public function findings(): array
    {
        return Proofreading::of($this);
    }
}
