<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** The pages between a click and the payment. The shop follows it, and the desk counts by it. */
final readonly class Steps
{
    /**
     * @param  list<Step>  $pages  of the shop, in order; none where the click itself leads out
     * @param  bool  $addsAtOnce  whether the click itself puts the goods into a cart
     */
    private function __construct(
        public array $pages,
        public bool $addsAtOnce,
        /** Where it leads that is no page of this shop; `null`: to the payment here. */
        public ?string $out = null,
    ) {}

    /**
     * @param  int  $goods  how many different goods the offer holds
     * @param  bool  $leavesSomethingOpen  whether the shopper has still to say which, or how many
     */
    public static function selling(Onwards $onwards, Opening $opening, int $goods, bool $leavesSomethingOpen): self
    {
        $last = self::throughCart($onwards)->pages;
        if ($onwards === Onwards::Choose && $goods === 1 && ! $opening->showsOffer()) {
            return new self([Step::Product, ...$last], false);
        }
        $stops = $leavesSomethingOpen || $opening->showsOffer() || $onwards === Onwards::Choose;

        return $stops ? new self([Step::Offer, ...$last], false) : new self($last, true);
    }

    /** Of a click that adds nothing. */
    public static function throughCart(Onwards $onwards): self
    {
        return new self($onwards === Onwards::Pay ? [Step::Checkout] : [Step::Cart, Step::Checkout], false);
    }

    /** @param  string  $where  as a person reads it */
    public static function out(string $where, Opening $opening): self
    {
        return new self($opening->showsOffer() ? [Step::Offer] : [], false, $where);
    }

    /** @return Step|null `null` where the click itself leads out */
    public function first(): ?Step
    {
        return $this->pages[0] ?? null;
    }

    /** "One step to payment: click, checkout, payment." */
    public function words(): string
    {
        if ($this->out !== null) {
            return $this->pages === [] ? "The click leads to {$this->out}; nothing is paid here." : "One step: click, page of the offer, {$this->out}; nothing is paid here.";
        }
        $steps = count($this->pages) === 1 ? 'One step' : count($this->pages).' steps';

        return "{$steps} to payment: click, ".implode(', ', array_map(static fn (Step $page): string => $page->words(), $this->pages)).', payment.';
    }
}
