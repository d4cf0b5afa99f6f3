<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\ReadEditing;
use App\Http\Input;
use App\Models\Order;
use App\Refunds\RefundRequested;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Money\Money;
use PaperKite\Refund\Wish;
use PaperKite\Refund\WishEntry;
use PaperKite\Refusal;
use PaperKite\Text\FormInput;

/** What is given back of an order. */
#[OA\Schema(schema: 'RefundEntry', required: ['by', 'lines', 'shipping', 'amount', 'reason'], properties: [
    new OA\Property(property: 'by', description: 'Goods and shipping, or an amount for which nothing comes back.', type: 'string', enum: ['goods', 'amount']),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/RefundLineEntry')),
    new OA\Property(property: 'shipping', description: 'Of what was paid for it; blank: nothing.', type: 'string'),
    new OA\Property(property: 'amount', description: 'Blank: nothing.', type: 'string'),
    new OA\Property(property: 'reason', description: 'Told to the shopper; an amount needs one.', type: 'string'),
])]
#[OA\Schema(schema: 'RefundLineEntry', required: ['line', 'pieces'], properties: [
    new OA\Property(property: 'line', type: 'integer'),
    new OA\Property(property: 'pieces', description: 'That come back; blank: none.', type: 'string'),
])]
#[OA\Schema(schema: 'CancelEntry', required: ['shown', 'is_restocked'], properties: [
    new OA\Property(property: 'shown', description: 'What the seller was told that goes back.', type: 'string'),
    new OA\Property(property: 'is_restocked', description: 'Whether the pieces go back to the stock.', type: 'boolean'),
])]
#[OA\Schema(schema: 'RefundActEntry', required: ['act', 'shown', 'is_restocked'], properties: [
    new OA\Property(property: 'act', description: 'A name of the page’s own making, 8 to 36 letters, digits and hyphens: sent twice, it is the same act.', type: 'string'),
    new OA\Property(property: 'shown', description: 'What the seller was told that it comes to.', type: 'string'),
    new OA\Property(property: 'is_restocked', description: 'Whether the pieces that come back go back to the stock.', type: 'boolean'),
])]
final class RefundRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /**
     * What would be given back, whether a reason has been given yet or not.
     *
     * @throws ValidationException
     */
    public function wish(Order $order): Wish
    {
        $entry = $this->entry($order);

        return $entry->wish ?? throw ValidationException::withMessages(array_diff_key($entry->errors, ['reason' => true]));
    }

    /** @throws ValidationException */
    public function requested(Order $order): RefundRequested
    {
        $entry = $this->entry($order);
        if ($entry->wish === null || $entry->errors !== []) {
            throw ValidationException::withMessages($entry->errors);
        }
        $act = Input::text($this, 'act');
        if (preg_match('/\A[A-Za-z0-9-]{8,36}\z/', $act) !== 1) {
            throw ValidationException::withMessages(['act' => 'The page has not said which act this is; load it again.']);
        }

        return new RefundRequested($act, $entry->wish, self::shown($order, Input::text($this, 'shown')), $entry->reason, $this->input('is_restocked') === true, ReadEditing::of($this)->person);
    }

    private function entry(Order $order): WishEntry
    {
        return WishEntry::read(FormInput::of($this->all(), $order->shop->decimalMark()), $order->money(0)->currency);
    }

    /** @throws ValidationException */
    public static function shown(Order $order, string $text): Money
    {
        try {
            return Money::fromEntry($text, $order->money(0)->currency);
        } catch (Refusal) {
            throw ValidationException::withMessages(['shown' => 'The page has not said what goes back; load it again.']);
        }
    }
}
