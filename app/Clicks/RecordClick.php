<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Models\Placement;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Link\Device;
use PaperKite\Link\ShopperCountry;

/** Keeps of a click: offer, placement, country, hour and kind of device. No address, no fingerprint. */
final readonly class RecordClick
{
    public function __invoke(Placement $placement, Request $request): void
    {
        DB::table('clicks')->insert([
            'shop_id' => $placement->shop_id,
            'offer_id' => $placement->offer_id,
            'placement_id' => $placement->id,
            'country' => ShopperCountry::fromLanguages($request->headers->get('Accept-Language') ?? ''),
            'device' => Device::of(RequestHeaders::of($request))->value,
            'hour' => now()->startOfHour(),
        ]);
    }
}
