<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Changes\Edited;
use App\Changes\EditKind;
use App\Changes\Edits;
use App\Database\InTransaction;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Input;
use App\Models\Order;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Refusal;
use PaperKite\Text\Passage;

/** What a seller notes beside an order, for themselves and the shop’s other people. */
#[OA\Schema(schema: 'OrderNoteEntry', required: ['note'], properties: [new OA\Property(property: 'note', description: 'Blank: none.', type: 'string')])]
final readonly class OrderNoteController
{
    private const LONGEST = 2_000;

    #[OA\Put(path: '/shops/{shop}/orders/{number}/note', operationId: 'noteOrder', summary: 'Note something beside an order', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/number')])]
    #[ChangeOf('OrderNoteEntry')]
    #[Answer(OrderResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(Request $request, Shop $shop, Order $order, Edits $edits, InTransaction $inTransaction, ShowOrder $show): JsonResponse
    {
        $note = self::note(Input::text($request, 'note'));
        $inTransaction(static function () use ($request, $shop, $order, $edits, $note): void {
            [$edited, $editing] = [Edited::thing(EditKind::OrderNote, $shop, $order->id), ReadEditing::of($request)];
            $before = $edits->claim($edited, $editing);
            if (Order::query()->whereKey($order->id)->where('note', '<>', $note)->update(['note' => $note]) > 0) {
                $edits->count($edited, $before, $editing);
            }
        });

        return response()->json($show($shop, $order));
    }

    /** @throws ValidationException */
    private static function note(string $typed): string
    {
        try {
            return trim($typed) === '' ? '' : Passage::of($typed, 'The note', self::LONGEST)->text;
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages(['note' => $refusal->getMessage()]);
        }
    }
}
