<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use App\Database\InTransaction;
use App\GiftCards\FilterCards;
use App\GiftCards\SendCard;
use App\GiftCards\VoidCard;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\CountedPage;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\Search;
use App\Http\Input;
use App\Models\CardShowing;
use App\Models\GiftCard;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\GiftCard\CardState;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\Line;

/** Gift cards that were sold: what is on them, sent again, ended. */
final readonly class GiftCardController
{
    private const PER_PAGE = 20;

    private const SHOWINGS_SHOWN = 20;

    private const LONGEST_REASON = 300;

    public function __construct(private FilterCards $filter) {}

    #[OA\Get(path: '/shops/{shop}/gift-cards', operationId: 'giftCards', summary: 'The gift cards that were sold', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page'), new OA\Parameter(name: 'state', description: 'Only cards that stand so.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/CardState'))])]
    #[Answer(GiftCardListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $typed = Search::typed($request);
        $page = CountedPage::of($this->filter->of($shop, $typed, CardState::tryFrom(Input::text($request, 'state')))->with('line.order')->orderByDesc('gift_cards.id'), self::PER_PAGE);

        return response()->json(GiftCardListResource::of($page, $this->states($shop, $typed)));
    }

    #[OA\Get(path: '/shops/{shop}/gift-cards/{giftCard}', operationId: 'giftCard', summary: 'A gift card, with its movements', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/giftCard')])]
    #[Answer(GiftCardResource::class)]
    public function show(Shop $shop, GiftCard $giftCard): JsonResponse
    {
        return $this->answer($giftCard);
    }

    #[OA\Post(path: '/shops/{shop}/gift-cards/{giftCard}/send', operationId: 'sendGiftCard', summary: 'Mail a gift card again', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/giftCard'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[Answer(GiftCardResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function send(Request $request, Shop $shop, GiftCard $giftCard, SendCard $send, InTransaction $inTransaction): JsonResponse
    {
        if (! $giftCard->isKept()) {
            throw ValidationException::withMessages(['card' => 'Nothing is left on this card, so that its code is kept no longer.']);
        }
        $person = ReadEditing::of($request)->person;
        $inTransaction(static fn () => $send($giftCard->load('line.order.shop'), $person));

        return $this->answer($giftCard->refresh());
    }

    #[OA\Post(path: '/shops/{shop}/gift-cards/{giftCard}/print', operationId: 'printGiftCard', summary: 'Open a gift card to print it', description: 'That it was opened is noted, with by whom.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/giftCard')])]
    #[Answer(CardPageResource::class)]
    public function print(Request $request, Shop $shop, GiftCard $giftCard, Clock $clock): JsonResponse
    {
        if ($giftCard->isKept()) {
            $giftCard->showings()->create(['person_id' => ReadEditing::of($request)->person?->id, 'how' => CardShowing::PRINTED, 'at' => $clock->now()]);
        }

        return response()->json(new CardPageResource($shop->base().$giftCard->pagePath()));
    }

    #[OA\Post(path: '/shops/{shop}/gift-cards/{giftCard}/void', operationId: 'voidGiftCard', summary: 'End a gift card', description: 'What is left on it is gone.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/giftCard')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['reason'], properties: [new OA\Property(property: 'reason', type: 'string')], type: 'object'))]
    #[Answer(GiftCardResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function void(Request $request, Shop $shop, GiftCard $giftCard, VoidCard $void): JsonResponse
    {
        $wrong = new FieldErrors;
        $reason = $wrong->at('reason', static fn (): string => Line::of(Input::text($request, 'reason'), 'The reason', self::LONGEST_REASON)->text);
        if ($reason === null) {
            throw ValidationException::withMessages($wrong->all());
        }
        $void($giftCard, $reason, ReadEditing::of($request)->person);

        return $this->answer($giftCard->refresh());
    }

    /** @return list<CardStateCountResource> */
    private function states(Shop $shop, string $typed): array
    {
        $counts = $this->filter->of($shop, $typed)->toBase()->selectRaw("CASE WHEN voided_at IS NOT NULL THEN 'void' WHEN balance_minor = 0 THEN 'empty' WHEN balance_minor < value_minor THEN 'partly_used' ELSE 'unused' END AS state, COUNT(*) AS cards")->groupBy('state')->pluck('cards', 'state')->all();

        return array_map(static function (CardState $state) use ($counts): CardStateCountResource {
            $count = $counts[$state->value] ?? 0;

            return new CardStateCountResource($state, $state->label(), is_numeric($count) ? (int) $count : 0);
        }, CardState::cases());
    }

    private function answer(GiftCard $card): JsonResponse
    {
        return response()->json(GiftCardResource::of($card->load(['line.order', 'movements.order', 'movements.person', 'showings' => static fn (Relation $showings) => $showings->with('person')->limit(self::SHOWINGS_SHOWN)])));
    }
}
