<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Text\ScriptJson;

/**
 * The offer for machines that read pages: Product and Offer of schema.org, Event, or DonateAction, as JSON-LD.
 *
 * @see https://schema.org/Offer
 * @see https://schema.org/DonateAction
 */
final readonly class JsonLd implements Medium
{
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

        return '<script type="application/ld+json">'.ScriptJson::of($document).'</script>';
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
