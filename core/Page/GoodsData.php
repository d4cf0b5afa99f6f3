<?php

declare(strict_types=1);

namespace PaperKite\Page;

use PaperKite\Money\Money;

/**
 * Goods as programs read them: Product with its Offer or AggregateOffer, Event, or DonateAction.
 *
 * @see https://schema.org/Product
 * @see https://schema.org/AggregateOffer
 */
final readonly class GoodsData
{
    /** @param  list<string>  $pictures  whole addresses, the leading one first */
    public function __construct(
        public string $name,
        public string $sku,
        /** In plain text; blank where there is none. */
        public string $text,
        public array $pictures,
        /** Of its page. */
        public string $address,
        /** `null` where another merchant asks it, or the shopper says how much. */
        public ?Money $lowest,
        public ?Money $highest,
        /** How many ways there are to have it: its variants. */
        public int $offers,
        public bool $isAvailable,
        public bool $isGiven = false,
        /** When it takes place, as RFC 3339; `null` where it does not. */
        public ?string $begins = null,
        public ?string $ends = null,
        public string $place = '',
    ) {}

    /** @return array<string, mixed> as it stands in a page of its own */
    public function standing(): array
    {
        return ['@context' => 'https://schema.org'] + $this->document();
    }

    /** @return array<string, mixed> as it stands among others */
    public function document(): array
    {
        return array_filter([
            '@type' => $this->type(),
            'name' => $this->name,
            'sku' => $this->type() === 'Product' ? $this->sku : null,
            'description' => $this->text,
            'image' => $this->pictures,
            'url' => $this->address,
            'startDate' => $this->begins,
            'endDate' => $this->begins === null ? null : $this->ends,
            'location' => $this->begins === null || $this->place === '' ? null : ['@type' => 'Place', 'name' => $this->place, 'address' => $this->place],
            'offers' => $this->isGiven ? null : $this->offer(),
            'target' => $this->isGiven ? $this->address : null,
        ], static fn (mixed $value): bool => $value !== null && $value !== '' && $value !== []);
    }

    private function type(): string
    {
        return match (true) {
            $this->isGiven => 'DonateAction',
            $this->begins !== null => 'Event',
            default => 'Product',
        };
    }

    /** @return array<string, mixed>|null */
    private function offer(): ?array
    {
        if ($this->lowest === null || $this->highest === null) {
            return null;
        }
        $prices = $this->lowest->equals($this->highest)
            ? ['@type' => 'Offer', 'price' => $this->lowest->decimal()]
            : ['@type' => 'AggregateOffer', 'lowPrice' => $this->lowest->decimal(), 'highPrice' => $this->highest->decimal(), 'offerCount' => $this->offers];

        return $prices + [
            'priceCurrency' => $this->lowest->currency->code,
            'availability' => 'https://schema.org/'.($this->isAvailable ? 'InStock' : 'OutOfStock'),
            'url' => $this->address,
        ];
    }
}
