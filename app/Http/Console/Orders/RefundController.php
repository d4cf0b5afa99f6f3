<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Input;
use App\Models\Order;
use App\Models\Shop;
use App\Refunds\CancelOrder;
use App\Refunds\ReadBalance;
use App\Refunds\RefundChanged;
use App\Refunds\RefundOrder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Refund\CantGiveBack;

/** Gives money of an order back, and says before what that comes to. */
final readonly class RefundController
{
    #[OA\Post(path: '/shops/{shop}/orders/{number}/refunds/trial', operationId: 'tryRefund', summary: 'Say what giving money back would come to', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/number')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/RefundEntry'))]
    #[Answer(RefundTrialResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function try(RefundRequest $request, Shop $shop, Order $order): JsonResponse
    {
        $order->load(ReadBalance::WITH);
        $wish = $request->wish($order);

        return response()->json(RefundTrialResource::of($order, self::refusing(static fn () => ReadBalance::of($order)->giving($wish))));
    }

    #[OA\Post(path: '/shops/{shop}/orders/{number}/refunds', operationId: 'refundOrder', summary: 'Give money of an order back', description: 'Sent twice under one name, it is done once.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/number')])]
    #[OA\RequestBody(content: new OA\JsonContent(allOf: [new OA\Schema(ref: '#/components/schemas/RefundEntry'), new OA\Schema(ref: '#/components/schemas/RefundActEntry')]))]
    #[Answer(OrderResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function refund(RefundRequest $request, Shop $shop, Order $order, RefundOrder $refund, ShowOrder $show): JsonResponse
    {
        self::refusing(static fn () => $refund($order, $request->requested($order)));

        return response()->json($show($shop, $order));
    }

    #[OA\Post(path: '/shops/{shop}/orders/{number}/cancel', operationId: 'cancelOrder', summary: 'Cancel an order', description: 'What is held is let go, what was taken goes back.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/number')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/CancelEntry'))]
    #[Answer(OrderResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function cancel(Request $request, Shop $shop, Order $order, CancelOrder $cancel, ShowOrder $show): JsonResponse
    {
        $shown = RefundRequest::shown($order, Input::text($request, 'shown'));
        self::refusing(static fn () => $cancel($order, $shown, $request->input('is_restocked') === true, ReadEditing::of($request)->person));

        return response()->json($show($shop, $order));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $act
     * @return T
     *
     * @throws ValidationException
     */
    private static function refusing(callable $act): mixed
    {
        try {
            return $act();
        } catch (CantGiveBack $cant) {
            throw ValidationException::withMessages([$cant->at === '' ? 'what' : $cant->at => $cant->getMessage()]);
        } catch (RefundChanged $changed) {
            throw ValidationException::withMessages(['what' => $changed->getMessage()]);
        }
    }
}
