<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Input;
use App\Models\Shop;
use App\Offers\DraftGoods;
use App\Offers\ReadDraft;
use App\Time\Clock;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Place;
use PaperKite\Offer\Proof;
use PaperKite\Text\FormInput;
use Symfony\Component\Intl\Countries;

/** What stands on the desk. Read as a draft for the proof, held to its findings for saving. */
final class OfferRequest extends FormRequest
{
    private const MOST_ITEMS_READ = 40;

    private ?DraftGoods $draft = null;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'items' => ['present', 'array', 'max:'.self::MOST_ITEMS_READ],
            'destination' => ['required', Rule::enum(Onwards::class)],
            'cart_use' => ['required', Rule::enum(CartUse::class)],
            'opening' => ['required', Rule::enum(Opening::class)],
            'ask' => ['present', 'array'],
            'words' => ['present', 'array'],
            'look_id' => ['present', 'nullable', 'integer'],
            'landing' => ['present', 'string'],
            'page' => ['sometimes', 'string'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($this->routeIs('offers.proof') || $validator->errors()->isNotEmpty()) {
                return;
            }
            foreach ($this->proof()->findings() as $finding) {
                if ($finding->blocksSaving) {
                    $validator->errors()->add($this->field($finding), $finding->sentence);
                }
            }
        }];
    }

    /** @param  list<Place>  $places  where the offer stands */
    public function draft(array $places = []): DraftGoods
    {
        return $this->draft ??= app(ReadDraft::class)($this->shop(), FormInput::of($this->all(), $this->shop()->decimalMark()), $places);
    }

    /** @param  list<Place>  $places  where the offer stands */
    public function proof(array $places = []): Proof
    {
        $country = $this->country();

        return Proof::of($this->draft($places)->draft, $this->shop()->rules(), $country, Countries::getName($country, 'en'), app(Clock::class)->moment());
    }

    /** Where the bill is for, ISO 3166-1: the shop's home where nobody says. */
    public function country(): string
    {
        $country = Input::text($this, 'country');

        return Countries::exists($country) ? $country : $this->shop()->home_country;
    }

    public function shop(): Shop
    {
        $shop = $this->route('shop');

        return $shop instanceof Shop ? $shop : throw new \LogicException('An offer is made in a shop.');
    }

    /** The path in the form of what a finding is about. */
    private function field(Finding $finding): string
    {
        $slot = $finding->slot->value ?? '';

        return $finding->item === null ? $slot : "items.{$finding->item}.{$slot}";
    }
}
