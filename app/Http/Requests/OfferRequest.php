<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Product;
use App\Models\Shop;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Proofreading;
use PaperKite\Offer\Severity;
use PaperKite\Quote\Quantity;

/** What stands on the desk. Read as a draft for the proof, held to its findings for saving. */
#[OA\Schema(schema: 'OfferEntry', required: ['product_id', 'quantity', 'destination', 'cart_use', 'caption'], properties: [
    new OA\Property(property: 'product_id', type: 'integer'),
    new OA\Property(property: 'quantity', description: 'As typed.', type: 'string'),
    new OA\Property(property: 'destination', ref: '#/components/schemas/Destination'),
    new OA\Property(property: 'cart_use', ref: '#/components/schemas/CartUse'),
    new OA\Property(property: 'caption', description: 'As typed; blank for the destination’s own.', type: 'string'),
])]
final class OfferRequest extends FormRequest
{
    private Product|false|null $product = false;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'product_id' => ['required', 'integer'],
            'quantity' => ['present', 'string'],
            'destination' => ['required', Rule::enum(Destination::class)],
            'cart_use' => ['required', Rule::enum(CartUse::class)],
            'caption' => ['present', 'string'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($this->routeIs('offers.proof') || $validator->errors()->isNotEmpty()) {
                return;
            }
            foreach (Proofreading::of($this->draft()) as $finding) {
                if ($finding->severity === Severity::Error && $finding->slot !== null) {
                    $validator->errors()->add($this->field($finding), $finding->sentence);
                }
            }
        }];
    }

    public function draft(): Draft
    {
        return new Draft(
            $this->product()?->toCore(),
            $this->string('quantity')->toString(),
            Destination::from($this->string('destination')->toString()),
            CartUse::from($this->string('cart_use')->toString()),
            $this->string('caption')->toString(),
            $this->shop()->readiness(),
        );
    }

    /** @return array<string, mixed> what the offer becomes, as its table keeps it */
    public function attributesOfOffer(): array
    {
        $draft = $this->draft();

        return [
            'product_id' => $this->product()?->id,
            'quantity' => Quantity::fromEntry($draft->quantity)->pieces,
            'destination' => $draft->destination,
            'cart_use' => $draft->cartUse,
            'caption' => Offer::captionFromEntry($draft->caption),
        ];
    }

    public function shop(): Shop
    {
        $shop = $this->route('shop');

        return $shop instanceof Shop ? $shop : throw new \LogicException('An offer is made in a shop.');
    }

    public function product(): ?Product
    {
        if ($this->product === false) {
            $this->product = $this->shop()->products()->whereKey($this->integer('product_id'))->with('variants')->first();
        }

        return $this->product;
    }

    private function field(Finding $finding): string
    {
        return $finding->slot?->value === 'product' ? 'product_id' : (string) $finding->slot?->value;
    }
}
