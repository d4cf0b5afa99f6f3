<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Input;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;

#[OA\Schema(schema: 'OfferStateEntry', required: ['state'], properties: [
    new OA\Property(property: 'state', ref: '#/components/schemas/OfferState'),
])]
final class OfferStateRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['state' => ['required', Rule::enum(OfferState::class)]];
    }

    public function state(): OfferState
    {
        return OfferState::from(Input::text($this, 'state'));
    }
}
