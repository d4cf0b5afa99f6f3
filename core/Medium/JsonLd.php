<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/**
 * The offer for machines that read pages: Product and Offer of schema.org, Event, or DonateAction, as JSON-LD.
 *
 * @see https://schema.org/Offer
 * @see https://schema.org/DonateAction
 */
final readonly class JsonLd implements Medium
{
    // Nothing in a script element may look like its end, or like a comment.
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG | JSON_HEX_AMP | JSON_INVALID_UTF8_SUBSTITUTE;

    public function key(): string
    {
        return 'json_ld';
    }

    public function label(): string
    {
        return 'JSON-LD';
    }

    public function isLive(): bool
    {
        return false;
    }

    public function opensTabs(): bool
    {
        return false;
    }

    public function note(): string
    {
        return 'For search engines, in the head of a page. A copy: its price is the one of today.';
    }

    public function snippet(Placed $placed): string
    {
        $document = ['@context' => 'https://schema.org'] + match (count($placed->goods)) {
            0 => ['@type' => 'Offer', 'url' => $placed->url],
            1 => $placed->goods[0]->isGiven ? $this->giving($placed, $placed->goods[0]) : [...$this->product($placed->goods[0]), 'offers' => $this->offer($placed)],
            default => [...$this->offer($placed), 'itemOffered' => array_map($this->product(...), $placed->goods)],
        };

        return '<script type="application/ld+json">'.json_encode($document, self::FLAGS).'</script>';
    }

    /** @return array<string, mixed> */
    private function giving(Placed $placed, PlacedGoods $goods): array
    {
        return [
            '@type' => 'DonateAction',
            'name' => $goods->name,
            ...($goods->summary === '' ? [] : ['description' => $goods->summary]),
            ...($goods->picture === null ? [] : ['image' => $goods->picture]),
            'target' => $placed->url,
            ...($placed->price === null ? [] : ['price' => $placed->price->decimal(), 'priceCurrency' => $placed->price->currency->code]),
        ];
    }

    /** @return array<string, mixed> */
    private function offer(Placed $placed): array
    {
        return [
            '@type' => 'Offer',
            'url' => $placed->url,
            ...($placed->price === null ? [] : ['price' => $placed->price->decimal(), 'priceCurrency' => $placed->price->currency->code]),
            // Of a partner's stock nobody here knows.
            ...($placed->partner !== null ? [] : ['availability' => 'https://schema.org/'.($placed->isAvailable ? 'InStock' : 'OutOfStock')]),
        ];
    }

    /** @return array<string, mixed> */
    private function event(PlacedGoods $goods, string $begins): array
    {
        return [
            '@type' => 'Event',
            'name' => $goods->name,
            ...($goods->summary === '' ? [] : ['description' => $goods->summary]),
            ...($goods->picture === null ? [] : ['image' => $goods->picture]),
            'startDate' => $begins,
            ...($goods->ends === null ? [] : ['endDate' => $goods->ends]),
            ...($goods->place === '' ? [] : ['location' => ['@type' => 'Place', 'name' => $goods->place]]),
        ];
    }

    /** @return array<string, mixed> */
    private function product(PlacedGoods $goods): array
    {
        if ($goods->begins !== null) {
            return $this->event($goods, $goods->begins);
        }

        return [
            '@type' => 'Product',
            'name' => $goods->name,
            'sku' => $goods->sku,
            ...($goods->summary === '' ? [] : ['description' => $goods->summary]),
            ...($goods->picture === null ? [] : ['image' => $goods->picture]),
        ];
    }
}
