<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use PaperKite\Money\Money;

#[OA\Schema(schema: 'ShippingFeeEntry', required: ['amount'], properties: [
    new OA\Property(property: 'amount', description: 'As typed, with a point.', type: 'string'),
])]
final class ShippingFeeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['amount' => ['present', 'string', new CoreRule(fn (string $text) => $this->read($text))]];
    }

    public function fee(): Money
    {
        return $this->read($this->string('amount')->toString());
    }

    private function read(string $text): Money
    {
        $shop = $this->route('shop');

        return Money::fromEntry($text, $shop instanceof Shop ? $shop->currency() : throw new \LogicException('A fee is set in a shop.'));
    }
}
