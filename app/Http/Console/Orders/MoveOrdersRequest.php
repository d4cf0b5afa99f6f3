<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Fulfilment\MoveOrders;
use App\Http\Input;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;
use PaperKite\Order\Parcel;
use PaperKite\Refusal;

/** Which orders have come how far. */
#[OA\Schema(schema: 'MoveOrdersEntry', required: ['numbers', 'to', 'carrier', 'tracking'], properties: [
    new OA\Property(property: 'numbers', description: 'Of the orders, 200 at most.', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'to', ref: '#/components/schemas/GoodsState'),
    new OA\Property(property: 'carrier', description: 'Where goods are sent; may be blank.', type: 'string'),
    new OA\Property(property: 'tracking', description: 'An https address, where goods are sent; may be blank.', type: 'string'),
])]
final class MoveOrdersRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'numbers' => ['required', 'array', 'min:1', 'max:'.MoveOrders::MOST_AT_ONCE],
            'numbers.*' => ['integer'],
            'to' => ['required', Rule::enum(GoodsState::class)->only(GoodsState::forMany())],
            'carrier' => ['present', 'string'],
            'tracking' => ['present', 'string'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach (['carrier' => fn () => Parcel::read(Input::text($this, 'carrier'), ''), 'tracking' => fn () => Parcel::read('', Input::text($this, 'tracking'))] as $field => $read) {
                try {
                    $read();
                } catch (Refusal $refusal) {
                    $validator->errors()->add($field, $refusal->getMessage());
                }
            }
        }];
    }

    /** @return list<int> each once */
    public function numbers(): array
    {
        return array_values(array_unique(array_filter((array) $this->input('numbers', []), is_int(...))));
    }

    public function to(): GoodsState
    {
        return GoodsState::from(Input::text($this, 'to'));
    }

    public function parcel(): Parcel
    {
        return Parcel::read(Input::text($this, 'carrier'), Input::text($this, 'tracking'));
    }
}
