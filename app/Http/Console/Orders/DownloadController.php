<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Downloads\FreshLink;
use App\Downloads\StopLink;
use App\Http\Console\Shared\Answer;
use App\Models\Download;
use App\Models\Order;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Links to files that were bought. */
final readonly class DownloadController
{
    #[OA\Post(path: '/shops/{shop}/orders/{number}/downloads/{download}/fresh', operationId: 'sendFreshLink', summary: 'Mail a fresh link to files', description: 'Its days and downloads begin anew; the one before leads nowhere.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/number'), new OA\Parameter(ref: '#/components/parameters/download'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[Answer(OrderResource::class)]
    public function fresh(Shop $shop, Order $order, Download $download, FreshLink $fresh, ShowOrder $show): JsonResponse
    {
        $fresh($download);

        return response()->json($show($shop, $order));
    }

    #[OA\Post(path: '/shops/{shop}/orders/{number}/downloads/{download}/stop', operationId: 'stopLink', summary: 'End a link to files', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/number'), new OA\Parameter(ref: '#/components/parameters/download')])]
    #[Answer(OrderResource::class)]
    public function stop(Shop $shop, Order $order, Download $download, StopLink $stop, ShowOrder $show): JsonResponse
    {
        $stop($download);

        return response()->json($show($shop, $order));
    }
}
