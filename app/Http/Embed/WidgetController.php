<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Embed\ReadWidgets;
use App\Embed\WidgetsAsked;
use App\Http\Input;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Link\PlacementCode;
use PaperKite\Time\Moment;

/** What the widgets of a page show. */
final readonly class WidgetController
{
    private const MOST = 50;

    /** In bytes, of 64 characters. */
    private const LONGEST_SKU = 256;

    /** Seconds for which an answer is fresh, and for how many more it is served while it is made anew (RFC 5861, 3). */
    private const FRESH = 3;

    private const STALE = 5;

    /** And for how long while the shop is away (RFC 5861, 4): a day. */
    private const AWAY = 86_400;

    public function __construct(
        private ReadWidgets $read,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/data', operationId: 'widgets', summary: 'What the widgets of a page show', description: 'Codes that are sorted, each once and 50 at most, are kept by caches.', parameters: [
        new OA\Parameter(name: 'codes', description: 'Of placements of this shop, with commas between them.', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'whole', description: '1: with all about its goods, of one widget.', in: 'query', schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'item', description: 'The SKU of an item of a shelf, whose whole is asked for.', in: 'query', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'page', description: 'Of a shelf, from 1; of one widget.', in: 'query', schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 't', description: 'Any number: the same is asked under another address, past what a page keeps.', in: 'query', schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'v', description: 'Of the form of answers that the script knows; 1 where it says nothing.', in: 'query', schema: new OA\Schema(type: 'integer')),
    ], security: [])]
    #[OA\Response(response: 200, description: 'Those that there are.', content: new OA\JsonContent(ref: WidgetsResource::class))]
    #[OA\Response(response: 400, description: 'Too many codes, or a form that is not known here.', content: new OA\JsonContent(ref: RefusalResource::class))]
    public function __invoke(Request $request, Shop $shop): JsonResponse
    {
        if (Input::text($request, 'v', (string) WidgetsResource::VERSION) !== (string) WidgetsResource::VERSION) {
            return $this->refused('This shop tells its widgets in another form; the link in each goes on.');
        }
        $asked = explode(',', Input::text($request, 'codes'));
        if (count($asked) > self::MOST) {
            return $this->refused('A page asks for 50 widgets at most at once.');
        }
        $codes = array_values(array_unique(array_filter(array_map(static fn (string $code): ?string => PlacementCode::read($code)?->text, $asked))));
        sort($codes);
        [$wanted, $spelled] = $this->wanted($request);
        if ($spelled !== '' && count($codes) > 1) {
            return $this->refused('All about its goods, or another page of them, is told of one widget at once.');
        }
        $at = $this->clock->moment();
        $told = ($this->read)($shop, $codes, $wanted, $at);
        $answer = new JsonResponse(WidgetsResource::of($told), 200, ['Cache-Control' => self::isPlain($request, $codes, $spelled) ? self::kept($told->changes, $at) : 'no-store']);
        $answer->setEtag(hash('sha256', (string) $answer->getContent()));
        $answer->isNotModified($request);

        return $answer;
    }

    /** @return array{WidgetsAsked, string} what is asked for beside the codes, and how scripts spell it */
    private function wanted(Request $request): array
    {
        if ($request->boolean('whole')) {
            $item = mb_strcut(Input::text($request, 'item'), 0, self::LONGEST_SKU);

            return [WidgetsAsked::whole($item), '&whole=1'.($item === '' ? '' : '&item='.rawurlencode($item))];
        }
        $page = max(1, $request->integer('page', 1));

        return $page === 1 ? [WidgetsAsked::all(), ''] : [WidgetsAsked::page($page), "&page={$page}"];
    }

    /**
     * Whether the address is the one that scripts ask for. Another spelling of it fills no cache, and none that a cache
     * reads in one way and PHP in another comes into one.
     *
     * @param  list<string>  $codes
     * @param  string  $spelled  what is asked for beside them
     */
    private static function isPlain(Request $request, array $codes, string $spelled): bool
    {
        $turn = Input::text($request, 't');
        $asked = preg_match('/\A\d{1,10}\z/', $turn) === 1 ? "&t={$turn}" : '';

        return $codes !== [] && $request->server->get('QUERY_STRING') === 'v='.WidgetsResource::VERSION.'&codes='.implode(',', $codes).$spelled.$asked;
    }

    /** Nobody is told of a sale that is over: what is kept ends with it. */
    private static function kept(?Moment $changes, Moment $at): string
    {
        $left = $changes === null ? PHP_INT_MAX : $changes->seconds - $at->seconds;
        $fresh = min(self::FRESH, $left);
        $stale = min(self::STALE, $left - $fresh);

        return "public, max-age={$fresh}".($stale === 0 ? '' : ", stale-while-revalidate={$stale}").', stale-if-error='.self::AWAY;
    }

    private function refused(string $why): JsonResponse
    {
        return new JsonResponse(new RefusalResource($why), 400, ['Cache-Control' => 'no-store']);
    }
}
