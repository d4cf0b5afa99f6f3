<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** The sales of choices, which a form does not ask for: a choice that keeps its name keeps its sale, as long as it is one. */
final class KeptSales
{
    /**
     * @param  list<Option>  $entered
     * @param  list<Option>  $before
     * @return list<Option>
     */
    public static function in(array $entered, array $before): array
    {
        $known = [];
        foreach ($before as $option) {
            $known[$option->name] = $option;
        }

        return array_map(static fn (Option $option): Option => new Option($option->name, array_map(
            static fn (Choice $choice): Choice => new Choice($choice->name, self::price($choice, ($known[$option->name] ?? null)?->choice($choice->name)), $choice->adds),
            $option->choices,
        )), $entered);
    }

    private static function price(Choice $entered, ?Choice $before): ?Price
    {
        $sale = $before?->price?->sale;

        return $entered->price === null || $sale === null || $entered->price->regular->isLessThan($sale->price)
            ? $entered->price
            : new Price($entered->price->regular, $sale);
    }
}
