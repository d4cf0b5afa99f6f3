<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\TraceResource;
use App\Models\Shop;
use App\Results\ClicksByLabel;
use Illuminate\Http\JsonResponse;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Pagination\Paginator;
use OpenApi\Attributes as OA;

/** How often what has a label was clicked lately, places and links together. */
final readonly class LabelClicksController
{
    private const PER_PAGE = 12;

    #[OA\Get(path: '/shops/{shop}/labels', operationId: 'labelClicks', summary: 'The clicks by label', description: 'Those that were clicked in the last 30 days, the most first.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(LabelClicksResource::class)]
    public function __invoke(Shop $shop, ClicksByLabel $clicks): JsonResponse
    {
        $traces = $clicks($shop);
        $page = Paginator::resolveCurrentPage();
        $shown = array_slice($traces, ($page - 1) * self::PER_PAGE, self::PER_PAGE, true);

        return response()->json(new LabelClicksResource(
            array_map(static fn (int|string $label, array $trace): TraceResource => new TraceResource((string) $label, $trace), array_keys($shown), $shown),
            Page::of(new LengthAwarePaginator([], count($traces), self::PER_PAGE, $page)),
        ));
    }
}
