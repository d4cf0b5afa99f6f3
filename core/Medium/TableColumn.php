<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** A column of a price table. It is pasted with the table that it stands in. */
final readonly class TableColumn implements Medium
{
    public function key(): string
    {
        return 'price_table';
    }

    public function label(): string
    {
        return 'Price table';
    }

    public function isLive(): bool
    {
        return false;
    }

    public function opensTabs(): bool
    {
        return true;
    }

    public function note(): string
    {
        return 'A column of a price table, which is copied as a whole.';
    }

    public function snippet(Placed $placed): string
    {
        $goods = array_map(
            static fn (PlacedGoods $each): string => Markup::open('p', ['style' => 'margin:0;overflow-wrap:anywhere', 'dir' => 'auto']).($each->quantity === 1 ? '' : "{$each->quantity} × ").Markup::escaped($each->name).'</p>',
            $placed->goods,
        );
        $price = $placed->price === null ? '' : Markup::open('p', ['style' => 'margin:0;font-size:1.6em;font-weight:600']).Markup::escaped($placed->price->shown()).'</p>';
        if ($placed->partner !== null && $placed->partner->price !== '') {
            $price = Markup::open('p', ['style' => 'margin:0', 'dir' => 'auto']).Markup::escaped($placed->partner->price).'</p>';
        }

        $button = (new HtmlButton)->snippet($placed);

        // What is said beside a button stays with it, wherever its column puts it.
        return implode('', $goods).$price.($placed->partner === null ? $button : "<div>{$button}</div>");
    }
}
