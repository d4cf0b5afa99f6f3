<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Models\Shop;
use Illuminate\Contracts\View\Factory;
use Illuminate\View\View;

/** Gives every page of a shop, and the parts that it is made of, the words in which the shop speaks. */
final readonly class SayInShopsWords
{
    public function __construct(private Factory $views) {}

    public function compose(View $view): void
    {
        $shop = $view->getData()['shop'] ?? null;
        if ($shop instanceof Shop) {
            $this->views->share('say', $shop->wording());
        }
    }
}
