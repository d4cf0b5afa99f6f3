<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Clicks\FindDisplay;
use App\Clicks\PlacementLookup;
use App\Http\Input;
use App\Http\Shopper\ShopHosts;
use App\Models\DisplayPlacement;
use App\Models\Placement;
use Illuminate\Http\Request;
use PaperKite\Link\PlacementCode;

/** The placement that a request names, at its shop's host, or at a former one for who is on the way there. */
final readonly class RequestedPlacement
{
    /** What an address calls the display in which its placement was clicked. */
    private const IN = 'in';

    public function __construct(
        private PlacementLookup $lookup,
        private FindDisplay $displays,
        private ShopHosts $hosts,
    ) {}

    public function __invoke(Request $request, string $code): ?Placement
    {
        $read = PlacementCode::read($code);
        $placement = $read === null ? null : $this->lookup->at($request->getHost(), $read) ?? $this->atFormerHost($request, $read);
        $in = Input::text($request, self::IN);
        if ($placement !== null && $in !== '') {
            $this->displays->around($placement, $in);
        }

        return $placement;
    }

    /** @return DisplayPlacement|null one that shows several ways to buy, with all of them */
    public function display(Request $request, string $code): ?DisplayPlacement
    {
        $read = PlacementCode::read($code);
        $shop = $read === null ? null : $this->hosts->shopAt($request->getHost()) ?? $this->hosts->stillServedAt($request, false);

        return $read === null || $shop === null ? null : $this->displays->at($shop, $read);
    }

    private function atFormerHost(Request $request, PlacementCode $code): ?Placement
    {
        $shop = $this->hosts->stillServedAt($request, false);
        $placement = $shop === null ? null : $this->lookup->at($shop->host, $code);
        $placement?->shop->serveAt($request->getHost());

        return $placement;
    }
}
