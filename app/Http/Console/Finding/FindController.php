<?php

declare(strict_types=1);

namespace App\Http\Console\Finding;

use App\Finding\Act;
use App\Finding\FindAnything;
use App\Finding\TakeApart;
use App\Finding\ThingKey;
use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Shop;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** What the command box finds. */
final readonly class FindController
{
    /** Of a link, which is longer than words. */
    private const LONGEST = 2_000;

    private const LONGEST_WORDS = 100;

    public function __construct(
        private FindAnything $find,
        private TakeApart $takeApart,
        private Gate $gate,
    ) {}

    #[OA\Get(path: '/shops/{shop}/find', operationId: 'find', summary: 'Find anything of the shop', description: 'Things by their words, acts and settings by their names; a pasted link of the shop is taken apart.', parameters: [
        new OA\Parameter(ref: '#/components/parameters/shop'),
        new OA\Parameter(name: 'typed', in: 'query', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'recent', description: 'What was opened lately, the latest first, as `key` names it, with commas between: shown first.', in: 'query', schema: new OA\Schema(type: 'string')),
    ])]
    #[Answer(FoundResource::class)]
    public function __invoke(Request $request, Shop $shop): JsonResponse
    {
        $typed = mb_substr(trim(mb_scrub(Input::text($request, 'typed'), 'UTF-8')), 0, self::LONGEST);
        $link = ($this->takeApart)($shop, $typed);
        if ($link !== null) {
            return response()->json(FoundResource::ofLink($link, ($this->find)($shop, '', $link->leadsTo)));
        }
        $words = mb_substr($typed, 0, self::LONGEST_WORDS);
        $acts = array_values(array_filter(Act::cases(), fn (Act $act): bool => $act->isMeant($words) && $this->gate->check($act->ability()->value, $shop)));

        return response()->json(FoundResource::of(($this->find)($shop, $words, ThingKey::read(Input::text($request, 'recent'))), $acts));
    }
}
