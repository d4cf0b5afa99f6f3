<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Models\RefusedEvent;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What the seller should know of payments that did not go as they should: the latest 20. */
final readonly class RefusedEventController
{
    private const LATEST = 20;

    #[OA\Get(path: '/shops/{shop}/refused-events', operationId: 'refusedEvents', summary: 'Events of the provider that were refused', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\Response(response: 200, description: 'The latest first.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RefusedEventResource::class)))]
    public function __invoke(Shop $shop): JsonResponse
    {
        return response()->json(array_values($shop->refusedEvents()
            ->with('payment')->orderByDesc('last_at')->limit(self::LATEST)->get()
            ->map(fn (RefusedEvent $event) => RefusedEventResource::of($event))->all()));
    }
}
