<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Product;
use App\Models\Shop;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Product as CatalogueProduct;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Money\Money;
use PaperKite\Text\Line;

#[OA\Schema(schema: 'ProductEntry', required: ['name', 'sku', 'price', 'picture', 'tracks_stock', 'stock'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'sku', type: 'string'),
    new OA\Property(property: 'price', description: 'As typed, with a point.', type: 'string'),
    new OA\Property(property: 'picture', ref: '#/components/schemas/Drawing'),
    new OA\Property(property: 'tracks_stock', type: 'boolean'),
    new OA\Property(property: 'stock', description: 'As typed; not read where stock is not tracked.', type: 'string'),
])]
final class ProductRequest extends FormRequest
{
    private const MESSAGES = [
        'sku.unique' => 'Another product of this shop has this SKU; choose a different one.',
        'picture.required' => 'Pick one of the drawings.',
        'picture.enum' => 'Pick one of the drawings.',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $product = $this->route('product');

        return self::rulesFor($this->shop(), $this->boolean('tracks_stock'), $product instanceof Product ? $product->id : null);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::MESSAGES;
    }

    /** @return array<string, list<string>> sentences by field, for a form that is still being filled in */
    public static function errorsIn(Request $request, Shop $shop): array
    {
        $except = $request->integer('except');

        /** @var array<string, list<string>> */
        return Validator::make($request->all(), self::rulesFor($shop, $request->boolean('tracks_stock'), $except), self::MESSAGES)->errors()->toArray();
    }

    /** @return array<string, mixed> */
    private static function rulesFor(Shop $shop, bool $tracksStock, ?int $except): array
    {
        return [
            'name' => ['present', 'string', new CoreRule(fn (string $text) => Line::of($text, 'The name', CatalogueProduct::LONGEST_NAME))],
            'sku' => [
                'bail', 'present', 'string', new CoreRule(fn (string $text) => Sku::of($text)),
                Rule::unique('products', 'sku')->where('shop_id', $shop->id)->ignore($except),
            ],
            'price' => ['present', 'string', new CoreRule(fn (string $text) => Money::fromEntry($text, $shop->currency()))],
            'picture' => ['required', Rule::enum(Drawing::class)],
            'tracks_stock' => ['required', 'boolean'],
            'stock' => ['present', 'string', ...($tracksStock ? [new CoreRule(fn (string $text) => Stock::fromEntry($text))] : [])],
        ];
    }

    /** @return array<string, mixed> what the product becomes, as its table keeps it */
    public function attributesOfProduct(): array
    {
        $price = Money::fromEntry($this->string('price')->toString(), $this->shop()->currency());

        return [
            'name' => Line::of($this->string('name')->toString(), 'The name', CatalogueProduct::LONGEST_NAME)->text,
            'sku' => Sku::of($this->string('sku')->toString())->text,
            'price_minor' => $price->minor,
            'currency' => $price->currency->code,
            'picture' => Drawing::from($this->string('picture')->toString()),
            'stock' => $this->boolean('tracks_stock') ? Stock::fromEntry($this->string('stock')->toString())->pieces : null,
        ];
    }

    private function shop(): Shop
    {
        $shop = $this->route('shop');

        return $shop instanceof Shop ? $shop : throw new \LogicException('A product is entered in a shop.');
    }
}
