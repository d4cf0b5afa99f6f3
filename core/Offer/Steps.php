<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** The pages between a click and the payment. The shop follows it, and the desk counts by it. */
final readonly class Steps
{
    /**
     * @param  non-empty-list<Step>  $pages  in order
     * @param  bool  $addsAtOnce  whether the click itself puts the goods into a cart
     */
    private function __construct(
        public array $pages,
        public bool $addsAtOnce,
    ) {}

    /**
     * @param  int  $goods  how many different goods the offer holds
     * @param  bool  $leavesSomethingOpen  whether the shopper has still to say which, or how many
     */
    public static function selling(Onwards $onwards, Opening $opening, int $goods, bool $leavesSomethingOpen): self
    {
        $last = self::throughCart($onwards)->pages;
        if ($onwards === Onwards::Choose && $goods === 1 && $opening !== Opening::OwnPage) {
            return new self([Step::Product, ...$last], false);
        }
        $stops = $leavesSomethingOpen || $opening === Opening::OwnPage || $onwards === Onwards::Choose;

        return $stops ? new self([Step::Offer, ...$last], false) : new self($last, true);
    }

    /** Of a click that adds nothing. */
    public static function throughCart(Onwards $onwards): self
    {
        return new self($onwards === Onwards::Pay ? [Step::Checkout] : [Step::Cart, Step::Checkout], false);
    }

    public function first(): Step
    {
        return $this->pages[0];
    }

    /** "One step to payment: click, checkout, payment." */
    public function words(): string
    {
        $steps = count($this->pages) === 1 ? 'One step' : count($this->pages).' steps';

        return "{$steps} to payment: click, ".implode(', ', array_map(static fn (Step $page): string => $page->words(), $this->pages)).', payment.';
    }
}
