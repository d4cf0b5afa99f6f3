<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Offers\ChangeOffers;
use App\Offers\OfferChange;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;
use PaperKite\Text\FormInput;

/** What several offers shall become. */
#[OA\Schema(schema: 'ChangeOffersEntry', required: ['changes', 'takes_back'], properties: [
    new OA\Property(property: 'changes', description: '100 at most.', type: 'array', items: new OA\Items(ref: OfferChangeResource::class)),
    new OA\Property(property: 'takes_back', description: 'Whether this takes back what was done a moment ago.', type: 'boolean'),
])]
final class ChangeOffersRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'changes' => ['required', 'array', 'min:1', 'max:'.ChangeOffers::MOST_AT_ONCE],
            'changes.*' => ['array'],
            'changes.*.offer' => ['required', 'integer'],
            'changes.*.state' => ['present', 'nullable', Rule::enum(OfferState::class)],
            'changes.*.look' => ['present', 'nullable', 'integer'],
            'takes_back' => ['required', 'boolean'],
        ];
    }

    /** @return list<OfferChange> */
    public function changes(): array
    {
        return array_map(static function (FormInput $change): OfferChange {
            $state = OfferState::tryFrom($change->text('state'));
            $offer = $change->id('offer') ?? 0;

            return $state === null ? OfferChange::toLook($offer, $change->id('look')) : OfferChange::toState($offer, $state);
        }, FormInput::of($this->all())->items('changes'));
    }

    public function takesBack(): bool
    {
        return $this->boolean('takes_back');
    }
}
