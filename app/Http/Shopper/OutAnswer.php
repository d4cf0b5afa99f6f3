<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Models\Shop;
use Symfony\Component\HttpFoundation\RedirectResponse;

/** Leads out of the shop, each shopper to their own place: what one is told, nobody else may be told from a cache. */
final class OutAnswer extends RedirectResponse
{
    public function __construct(string $address, Shop $shop)
    {
        parent::__construct($address, self::HTTP_FOUND, ['Cache-Control' => 'private', 'Referrer-Policy' => $shop->referrer_policy->value]);
    }
}
