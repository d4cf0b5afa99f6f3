<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Embed\ReadWidgets;
use App\Http\Input;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Link\PlacementCode;

/** What the widgets of a page show. */
final readonly class WidgetController
{
    private const MOST = 50;

    /** Seconds fresh, then served while it is made anew, then for as long as the shop is away. */
    private const KEPT = 'public, max-age=3, stale-while-revalidate=5, stale-if-error=86400';

    public function __construct(private ReadWidgets $read) {}

    #[OA\Get(path: '/data', operationId: 'widgets', summary: 'What the widgets of a page show', description: 'Codes that are sorted, each once and 50 at most, are kept by caches.', parameters: [new OA\Parameter(name: 'codes', description: 'Of placements of this shop, with commas between them.', in: 'query', required: true, schema: new OA\Schema(type: 'string'))], security: [])]
    #[OA\Response(response: 200, description: 'Those that there are.', content: new OA\JsonContent(ref: WidgetsResource::class))]
    #[OA\Response(response: 400, description: 'Too many codes.', content: new OA\JsonContent(ref: WidgetsResource::class))]
    public function __invoke(Request $request, Shop $shop): JsonResponse
    {
        $asked = explode(',', Input::text($request, 'codes'));
        if (count($asked) > self::MOST) {
            return new JsonResponse(new WidgetsResource([]), 400, ['Cache-Control' => 'no-store']);
        }
        $codes = array_values(array_unique(array_filter(array_map(static fn (string $code): ?string => PlacementCode::read($code)?->text, $asked))));
        sort($codes);
        $answer = new JsonResponse(new WidgetsResource(($this->read)($shop, $codes)), 200, ['Cache-Control' => $codes === $asked ? self::KEPT : 'no-store']);
        $answer->setEtag(hash('sha256', (string) $answer->getContent()));
        $answer->isNotModified($request);

        return $answer;
    }
}
