<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Models\Shop;
use Illuminate\Http\Response;

/** The shop's terms and policy, where it has any. */
final readonly class TextController
{
    public function terms(Shop $shop): Response
    {
        return $this->page($shop, $shop->wording()->say('frame.terms'), $shop->checkout_rules->terms);
    }

    public function policy(Shop $shop): Response
    {
        return $this->page($shop, $shop->wording()->say('frame.policy'), $shop->checkout_rules->policy);
    }

    private function page(Shop $shop, string $title, string $html): Response
    {
        return $html === '' ? abort(404) : response()->view('shop.text', ['shop' => $shop, 'title' => $title, 'html' => $html]);
    }
}
