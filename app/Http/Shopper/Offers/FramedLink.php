<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Models\Shop;
use App\Shopfront\PartnerTag;
use Illuminate\Http\Response;
use PaperKite\Link\PlacementLink;

/** In a frame of another page nothing is added: one button opens the link in the whole window. */
final class FramedLink
{
    /** @param  PartnerTag|null  $partner  who sells it; `null`: the shop */
    public static function answer(Shop $shop, string $caption, string $code, ?PartnerTag $partner): Response
    {
        return response()->view('shop.frame', [
            'shop' => $shop,
            'caption' => $caption,
            'link' => PlacementLink::PATH.$code,
            'partner' => $partner,
        ], 200, [
            'X-Robots-Tag' => 'noindex',
            'Content-Security-Policy' => "default-src 'none'; style-src 'self'; font-src 'self'; base-uri 'none'; form-action 'none'",
        ]);
    }
}
