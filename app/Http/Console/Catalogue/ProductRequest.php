<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Catalogue\KnownFiles;
use App\Catalogue\ProductExtras;
use App\Catalogue\TakenSkus;
use App\Models\Product;
use App\Models\Shop;
use App\Partners\ReadMarketplaces;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use PaperKite\Catalogue\Entry\EnteredProduct;
use PaperKite\Catalogue\Entry\ProductEntry;
use PaperKite\Text\FormInput;

/** A product’s form. Its rules are the core’s: here it is only handed over. */
final class ProductRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    public function entry(): ProductEntry
    {
        return once(fn (): ProductEntry => ProductEntry::read($this->typed(), $this->shop()->currency(), $this->shop()->zone()));
    }

    /** @return array<string, list<string>> sentences by field */
    public function findings(?Product $product): array
    {
        $entry = $this->entry();
        $taken = $entry->product === null ? [] : app(TakenSkus::class)($this->shop(), $product, $entry->product);

        return array_map(static fn (string $sentence): array => [$sentence], $entry->errors + $taken + $this->extras()->errors);
    }

    /** @throws ValidationException with every sentence at its field */
    public function product(): EnteredProduct
    {
        $errors = $this->entry()->errors + $this->extras()->errors;
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }

        return $this->entry()->product ?? throw new \LogicException('A form without errors is a product.');
    }

    public function extras(): ProductExtras
    {
        return once(fn (): ProductExtras => ProductExtras::of($this->typed(), app(ReadMarketplaces::class)($this->shop()), KnownFiles::named($this->typed(), $this->shop(), $this->ofProduct())));
    }

    /** @return int the product whose form it is; 0: a new one's */
    private function ofProduct(): int
    {
        $product = $this->route('product');

        return $product instanceof Product ? $product->id : $this->integer('except');
    }

    private function typed(): FormInput
    {
        return FormInput::of($this->all(), $this->shop()->decimalMark());
    }

    private function shop(): Shop
    {
        $shop = $this->route('shop');

        return $shop instanceof Shop ? $shop : throw new \LogicException('A product is entered in a shop.');
    }
}
