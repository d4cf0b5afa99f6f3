<?php

declare(strict_types=1);

namespace PaperKite\Link;

/**
 * What an open link still has to do once the shopper was led to a page to choose: which other goods are to be chosen
 * of, and where it leads in the end. It travels in the address as the link's own items and parameters, `2*wrap?to=pay`.
 */
final readonly class RestOfLink
{
    private const CART = '/\A[0-9A-Za-z_-]{12}\z/';

    /** @param  list<OpenItem>  $items  to be chosen of, the next first */
    public function __construct(
        public array $items,
        public OpenDestination $to,
        public ?string $coupon = null,
        /** Where the shopper returns; whether that is allowed is asked again when it is used. */
        public ?string $back = null,
        /** The cart in which the link's other goods are; `null` where there is none of its own. */
        public ?string $cart = null,
    ) {}

    /**
     * @param  string  $text  decoded
     * @return self|null where it can't be one: the page is then a page like any other
     */
    public static function read(string $text): ?self
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            return null;
        }
        [$items, $query] = explode('?', $text, 2) + [1 => ''];
        parse_str($query, $given);
        try {
            $read = array_map(OpenItem::read(...), $items === '' ? [] : explode(',', $items));
        } catch (InvalidOpenLink) {
            return null;
        }
        $to = is_string($given['to'] ?? null) ? OpenDestination::tryFrom($given['to']) : null;
        $said = static fn (string $key): ?string => is_string($given[$key] ?? null) && mb_check_encoding($given[$key], 'UTF-8') ? $given[$key] : null;
        $cart = $said('cart');

        return $to === null || count($read) >= OpenLink::MOST_ITEMS || mb_strlen($said('coupon') ?? '') > OpenLink::LONGEST_COUPON
            ? null
            : new self($read, $to, $said('coupon'), $said('back'), $cart !== null && preg_match(self::CART, $cart) === 1 ? $cart : null);
    }

    public function text(): string
    {
        return implode(',', array_map(static fn (OpenItem $item): string => $item->text(), $this->items))
            .'?'.http_build_query(array_filter(['to' => $this->to->value, 'coupon' => $this->coupon, 'back' => $this->back, 'cart' => $this->cart], static fn (?string $value): bool => $value !== null), '', '&', PHP_QUERY_RFC3986);
    }

    /** @return string|null the path of the page on which the next choice is made; `null` where none is left */
    public function nextPage(): ?string
    {
        $next = $this->items[0] ?? null;
        $after = new self(array_slice($this->items, 1), $this->to, $this->coupon, $this->back, $this->cart);

        return $next === null ? null : '/p/'.rawurlencode($next->sku).'?'.http_build_query(
            ['quantity' => $next->quantity] + ($after->saysNothing() ? [] : ['rest' => $after->text()]), '', '&', PHP_QUERY_RFC3986,
        );
    }

    /** The link left it to the button which the shopper presses. */
    public function decidedBy(OpenDestination $pressed): self
    {
        return $this->to === OpenDestination::Choose ? new self($this->items, $pressed, $this->coupon, $this->back, $this->cart) : $this;
    }

    public function in(string $cart): self
    {
        return new self($this->items, $this->to, $this->coupon, $this->back, $cart);
    }

    /** Whether its goods get a cart of their own. */
    public function isAlone(): bool
    {
        return $this->to === OpenDestination::Pay;
    }

    /** Whether a page is then like any other page of the shop. */
    private function saysNothing(): bool
    {
        return $this->items === [] && $this->to === OpenDestination::Choose && $this->coupon === null && $this->back === null && $this->cart === null;
    }
}
