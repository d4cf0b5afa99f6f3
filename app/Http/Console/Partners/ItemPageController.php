<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Shop;
use App\Partners\ReadMarketplaces;
use App\Partners\SeenPages;
use App\PriceWatch\FetchTarget;
use App\PriceWatch\HostTurns;
use App\PriceWatch\PriceSource;
use App\PriceWatch\WatchedHosts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Partner\Item;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\Price\PageProblem;
use PaperKite\Partner\Price\SeenPage;
use PaperKite\Partner\ReadAddress;
use PaperKite\Partner\Writing\ShortTitle;
use PaperKite\Partner\Writing\TheirWords;

/** Looks at the page of an item while its product is put in: what it costs there, and what it is called. */
final readonly class ItemPageController
{
    private const LONGEST_WAIT_MILLISECONDS = 3_000;

    #[OA\Post(path: '/shops/{shop}/partners/page', operationId: 'itemPage', summary: 'Look at the page of an item', description: 'Nothing but pages of the shop’s own marketplaces is looked at, and of these only what the operator allows.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['address'], properties: [new OA\Property(property: 'address', description: 'As pasted.', type: 'string')], type: 'object'))]
    #[Answer(ItemPageResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(Request $request, Shop $shop, ReadMarketplaces $marketplaces, WatchedHosts $hosts, HostTurns $turns, PriceSource $source, SeenPages $pages): JsonResponse
    {
        $all = $marketplaces($shop);
        $read = ReadAddress::of(Input::text($request, 'address'), array_values($all));
        if ($read->marketplace === null || ! $read->target instanceof Item) {
            throw ValidationException::withMessages(['address' => $read->findings[0]->sentence ?? 'This is no item of a marketplace of yours.']);
        }
        $target = FetchTarget::of(OutgoingAddress::plain($read->marketplace, $read->target));
        $page = match (true) {
            $target === null, ! $hosts->allow($target->host, $target->port) => PageProblem::NotAllowed,
            ! $this->hasTurn($turns, $target->turn()) => PageProblem::Refused,
            default => $source->look($read->marketplace, $read->target)->page,
        };
        if ($page instanceof SeenPage) {
            $pages->keep($shop->id, (int) array_search($read->marketplace, $all, true), $read->target, new TheirWords($page->title, $page->text));
        }

        return response()->json(ItemPageResource::of($page, $page instanceof SeenPage ? ShortTitle::of($page->title, [$read->marketplace->partner], $shop->partner_rules->texts->title) : ''));
    }

    /** A moment is waited for. */
    private function hasTurn(HostTurns $turns, string $host): bool
    {
        $wait = $turns->take($host);
        if ($wait > self::LONGEST_WAIT_MILLISECONDS) {
            return false;
        }
        usleep($wait * 1_000);

        return $wait === 0 || $turns->take($host) === 0;
    }
}
