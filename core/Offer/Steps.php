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
    public static function of(Destination $destination, Opening $opening, int $goods, bool $leavesSomethingOpen): self
    {
        $onwards = $destination === Destination::Pay ? [Step::Checkout] : [Step::Cart, Step::Checkout];
        if ($goods === 0) {
            return new self($onwards, false);
        }
        if ($destination === Destination::Choose && $goods === 1 && $opening !== Opening::OwnPage) {
            return new self([Step::Product, ...$onwards], false);
        }
        $stops = $leavesSomethingOpen || $opening === Opening::OwnPage || $destination === Destination::Choose;

        return $stops ? new self([Step::Offer, ...$onwards], false) : new self($onwards, true);
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
