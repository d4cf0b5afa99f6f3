<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Clicks\PlacementLookup;
use App\Http\Shopper\ShopHosts;
use App\Models\Placement;
use Illuminate\Http\Request;
use PaperKite\Link\PlacementCode;

/** The placement that a request names, at its shop's host, or at a former one for who is on the way there. */
final readonly class RequestedPlacement
{
    public function __construct(
        private PlacementLookup $lookup,
        private ShopHosts $hosts,
    ) {}

    public function __invoke(Request $request, string $code): ?Placement
    {
        $read = PlacementCode::read($code);

        return $read === null ? null : $this->lookup->at($request->getHost(), $read) ?? $this->atFormerHost($request, $read);
    }

    private function atFormerHost(Request $request, PlacementCode $code): ?Placement
    {
        $shop = $this->hosts->stillServedAt($request, false);
        $placement = $shop === null ? null : $this->lookup->at($shop->host, $code);
        $placement?->shop->serveAt($request->getHost());

        return $placement;
    }
}
