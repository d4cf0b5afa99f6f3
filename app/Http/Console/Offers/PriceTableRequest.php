<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\CoreRule;
use App\Http\Input;
use App\Models\Offer;
use App\Models\Shop;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use PaperKite\Medium\PriceTable;
use PaperKite\Text\Line;

/** Which offers stand side by side, and which of them stands out. */
final class PriceTableRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['present', 'string', new CoreRule(fn (string $text) => $this->nameOf($text))],
            'offers' => ['present', 'array'],
            'offers.*' => ['integer'],
            'stressed' => ['present', 'nullable', 'integer'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->has('offers')) {
                return;
            }
            $offers = $this->offers();
            if (count($offers) < PriceTable::FEWEST || count($offers) > PriceTable::MOST || count(array_unique($offers)) !== count($offers)) {
                $validator->errors()->add('offers', 'A price table shows two to four offers, each once; choose '.(count($offers) < PriceTable::FEWEST ? 'more.' : 'fewer.'));
            } elseif (Offer::query()->where('shop_id', $this->shop()->id)->whereKey($offers)->whereHas('lines')->count() !== count($offers)) {
                $validator->errors()->add('offers', 'One of these is no offer of this shop that sells something; choose another.');
            }
        }];
    }

    public function name(): string
    {
        return $this->nameOf(Input::text($this, 'name'));
    }

    /** @return list<int> */
    public function offers(): array
    {
        return array_values(array_filter((array) $this->input('offers', []), is_int(...)));
    }

    /** The offer whose column stands out; `null` where none does. */
    public function stressed(): ?int
    {
        $stressed = $this->input('stressed');

        return is_int($stressed) && in_array($stressed, $this->offers(), true) ? $stressed : null;
    }

    private function shop(): Shop
    {
        $shop = $this->route('shop');

        return $shop instanceof Shop ? $shop : throw new \LogicException('A price table is made in a shop.');
    }

    private function nameOf(string $text): string
    {
        return Line::of($text, 'The name of the price table', 80)->text;
    }
}
