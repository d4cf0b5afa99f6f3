<?php

declare(strict_types=1);

namespace PaperKite\Link;

/**
 * What an open link still has to do once the shopper was led to a page to choose: which other goods are to be chosen
 * of, and where it leads in the end. It travels in the address as the link's own items and parameters, `2*wrap?to=pay`.
 */
final readonly class RestOfLink
{
    /** @param  list<OpenItem>  $items  to be chosen of, the next first */
    public function __construct(
        public array $items,
        public OpenDestination $to,
        public ?string $coupon = null,
        /** Where the shopper returns; whether that is allowed is asked again when it is used. */
        public ?string $back = null,
        /** The label by which the link's clicks are counted. */
        public ?string $from = null,
        /** The cart in which the link's other goods are; `null` where there is none of its own. */
        public ?string $cart = null,
    ) {}

    /**
     * @param  string  $text  decoded
     * @return self|null where it can't be one: the page is then a page like any other
     */
    public static function read(string $text): ?self
    {
        [$items, $query] = explode('?', $text, 2) + [1 => ''];
        try {
            $read = OpenLinkText::read($items, $query, OpenParameter::ON_THE_WAY);
        } catch (InvalidOpenLink) {
            return null;
        }
        $to = $read->destination();

        return $to === null || count($read->items) >= OpenLinkText::MOST_ITEMS ? null : new self(
            $read->items,
            $to,
            $read->value(OpenParameter::Coupon),
            $read->value(OpenParameter::Back),
            $read->value(OpenParameter::From),
            $read->value(OpenParameter::Cart),
        );
    }

    public function text(): string
    {
        $text = OpenLinkText::of($this->items, ['to' => $this->to->value, 'coupon' => $this->coupon, 'back' => $this->back, 'from' => $this->from, 'cart' => $this->cart]);

        return $text->items().$text->query();
    }

    /** @return string|null the path of the page on which the next choice is made; `null` where none is left */
    public function nextPage(): ?string
    {
        $next = $this->items[0] ?? null;
        $after = $this->with(items: array_slice($this->items, 1));

        return $next === null ? null : '/p/'.rawurlencode($next->sku).'?'.http_build_query(
            ['quantity' => $next->quantity] + ($after->saysNothing() ? [] : ['rest' => $after->text()]), '', '&', PHP_QUERY_RFC3986,
        );
    }

    /** The link left it to the button which the shopper presses. */
    public function decidedBy(OpenDestination $pressed): self
    {
        return $this->to === OpenDestination::Choose ? $this->with(to: $pressed) : $this;
    }

    public function in(string $cart): self
    {
        return $this->with(cart: $cart);
    }

    /** Whether its goods get a cart of their own. */
    public function isAlone(): bool
    {
        return $this->to === OpenDestination::Pay;
    }

    /** @param  list<OpenItem>|null  $items */
    private function with(?array $items = null, ?OpenDestination $to = null, ?string $cart = null): self
    {
        return new self($items ?? $this->items, $to ?? $this->to, $this->coupon, $this->back, $this->from, $cart ?? $this->cart);
    }

    /** Whether a page is then like any other page of the shop. */
    private function saysNothing(): bool
    {
        return $this->items === [] && $this->to === OpenDestination::Choose && [$this->coupon, $this->back, $this->from, $this->cart] === [null, null, null, null];
    }
}
