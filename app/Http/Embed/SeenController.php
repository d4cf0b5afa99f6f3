<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Results\Spool;
use App\Results\SpooledAct;
use App\Time\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use PaperKite\Link\PlacementCode;
use PaperKite\Link\Visit;
use PaperKite\Results\EventKind;

/** What was seen and clicked in the widgets of a page. It is appended, and nothing else is done while anybody waits. */
final readonly class SeenController
{
    private const MOST = 50;

    public function __construct(
        private Spool $spool,
        private ReadCaller $caller,
        private Clock $clock,
    ) {}

    #[OA\Post(path: '/seen', operationId: 'seen', summary: 'Count what was seen, or clicked and led nowhere by itself', description: 'Robots are not counted, and neither is what the console shows.', security: [])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/x-www-form-urlencoded', schema: new OA\Schema(properties: [
        new OA\Property(property: 'view', description: 'Codes of placements, with commas between them.', type: 'string'),
        new OA\Property(property: 'click', description: 'The code of a placement.', type: 'string'),
        new OA\Property(property: 'in', description: 'Of the display in which it was clicked.', type: 'string'),
    ])))]
    #[OA\Response(response: 204, description: 'Whatever became of it.')]
    #[OA\Response(response: 429, description: 'Too often: nothing is counted.')]
    public function __invoke(Request $request): Response
    {
        foreach ($this->isCounted($request) ? [['view', EventKind::View], ['click', EventKind::Click]] : [] as [$name, $kind]) {
            $codes = self::codes(Input::text($request, $name), $kind === EventKind::View ? self::MOST : 1);
            if ($codes !== []) {
                $caller = ($this->caller)($request);
                $this->spool->append(new SpooledAct($kind, $codes, $caller->country, $caller->device(), $this->clock->now()->getTimestamp(), $kind === EventKind::Click ? PlacementCode::read(Input::text($request, 'in'))->text ?? '' : ''));
            }
        }

        return response()->noContent();
    }

    private function isCounted(Request $request): bool
    {
        return PageHost::of($request) !== config()->string('kite.console_host') && Visit::isAwaited('GET', RequestHeaders::ofVisit($request));
    }

    /** @return list<string> */
    private static function codes(string $list, int $most): array
    {
        $read = array_map(static fn (string $code): ?string => PlacementCode::read($code)?->text, array_slice(explode(',', $list), 0, $most));

        return array_values(array_unique(array_filter($read)));
    }
}
