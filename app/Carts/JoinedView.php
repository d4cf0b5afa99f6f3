<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CartLine;
use PaperKite\Words\Wording;

/** What came into a cart from that of a widget, as its shopper is told. */
final readonly class JoinedView
{
    /** @param  non-empty-list<string>  $goods */
    private function __construct(
        public string $heading,
        public array $goods,
    ) {}

    /** @return self|null `null` where there is nothing to tell */
    public static function of(?Cart $cart, Wording $say): ?self
    {
        $joined = $cart?->joined;
        if ($cart === null || $joined === null) {
            return null;
        }
        $goods = [];
        foreach ($cart->lines as $line) {
            $pieces = $joined->pieces[$line->pick_key] ?? 0;
            if ($pieces > 0) {
                $goods[] = $say->say('joined.goods', count: $pieces, name: self::name($line));
            }
        }

        return $goods === [] ? null : new self($joined->page === '' ? $say->text('joined.somewhere') : $say->say('joined.heading', page: $joined->page), $goods);
    }

    private static function name(CartLine $line): string
    {
        return $line->toCore()->name();
    }
}
