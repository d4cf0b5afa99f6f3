<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Link\Device;
use PaperKite\Link\ShopperCountry;

/** Keeps of a click: offer, placement, country, hour and kind of device. No address, no fingerprint. */
final readonly class RecordClick
{
    public function __invoke(Placement $placement, Request $request): void
    {
        $this->record($placement->shop_id, ['offer_id' => $placement->offer_id, 'placement_id' => $placement->id], $request);
    }

    /** @param  string|null  $label  what the link says for the results */
    public function ofOpenLink(Shop $shop, ?string $label, Request $request): void
    {
        $this->record($shop->id, ['label' => $label], $request);
    }

    /** @param  array<string, mixed>  $what */
    private function record(int $shopId, array $what, Request $request): void
    {
        DB::table('clicks')->insert($what + [
            'shop_id' => $shopId,
            'country' => ShopperCountry::fromLanguages($request->headers->get('Accept-Language') ?? ''),
            'device' => Device::of(RequestHeaders::of($request))->value,
            'hour' => now()->startOfHour(),
        ]);
    }
}
