<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Category;
use App\Models\PartnerAddress;
use App\Models\Picture;
use App\Models\Product;
use App\Models\ProductFile;
use App\Models\Variant;
use Carbon\CarbonImmutable;
use DateTimeZone;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Product as CatalogueProduct;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Catalogue\WeightUnit;
use PaperKite\Time\LocalTime;
use PaperKite\Time\Moment;

/**
 * A product as its form holds it: the one place where a field of it is named for the console, from which the types
 * there are made. The core reads what comes back (`PaperKite\Catalogue\Entry\ProductEntry`), `ProductRows` writes it.
 */
#[OA\Schema(schema: 'ProductEntry', description: 'As typed; amounts with a point, moments as the shop’s clock shows them.')]
final readonly class ProductForm
{
    /** @var list<string> what is read for it */
    public const FILLED_WITH = ['variants', 'pictures', 'categories', 'addOns', 'addresses.marketplace.hosts', 'addresses.marketplace.partner', 'files.variant', 'files.versions.stored', 'sample'];

    /**
     * @param  list<string>  $categories
     * @param  list<array{name: string, values: list<string>}>  $traits
     * @param  list<int>  $add_ons
     * @param  list<array{id: int, alt: string}>  $pictures
     * @param  list<OptionForm>  $options
     * @param  list<VariantForm>  $variants
     * @param  list<AddressForm>  $addresses
     * @param  list<FileForm>  $files
     */
    private function __construct(
        #[OA\Property]
        public string $name = '',
        #[OA\Property]
        public string $sku = '',
        #[OA\Property(description: 'Whether it is shown nowhere and can’t be bought yet.')]
        public bool $is_draft = false,
        #[OA\Property(ref: '#/components/schemas/ProductKind')]
        public ProductKind $kind = ProductKind::Physical,
        #[OA\Property(description: 'What a shopper may give at least; blank: anything.')]
        public string $least = '',
        #[OA\Property]
        public string $most = '',
        #[OA\Property(description: 'Amounts, with commas between them.')]
        public string $suggested = '',
        #[OA\Property(description: 'When it begins, by the shop’s clock; blank: on no date, or its variants say.')]
        public string $begins = '',
        #[OA\Property]
        public string $ends = '',
        #[OA\Property(description: 'Where it takes place.')]
        public string $place = '',
        #[OA\Property(description: 'Whether the checkout asks for a name for each seat.')]
        public bool $asks_attendees = false,
        #[OA\Property(description: 'Whether the checkout asks where it goes, as the kind allows; blank: as is usual for the kind.')]
        public string $parcel_address = '',
        #[OA\Property(description: 'Told to whoever has given.')]
        public string $thanks = '',
        #[OA\Property(description: 'The day on which a partner’s goods need their text, ISO 8601; blank: no matter when.')]
        public string $text_by = '',
        #[OA\Property(description: 'HTML.')]
        public string $summary = '',
        #[OA\Property(description: 'HTML.')]
        public string $description = '',
        #[OA\Property]
        public string $price = '',
        #[OA\Property]
        public string $sale_price = '',
        #[OA\Property]
        public string $sale_from = '',
        #[OA\Property]
        public string $sale_until = '',
        #[OA\Property]
        public string $cost = '',
        #[OA\Property]
        public string $tax_class = CatalogueProduct::USUAL_TAX_CLASS,
        #[OA\Property]
        public string $weight = '',
        #[OA\Property(ref: '#/components/schemas/WeightUnit')]
        public WeightUnit $weight_unit = WeightUnit::Gram,
        #[OA\Property]
        public string $shipping_first = '',
        #[OA\Property]
        public string $shipping_more = '',
        #[OA\Property(description: 'Where no picture was uploaded; null: none.', oneOf: [new OA\Schema(ref: '#/components/schemas/Drawing'), new OA\Schema(type: 'null')])]
        public ?Drawing $picture = null,
        #[OA\Property]
        public bool $tracks_stock = false,
        #[OA\Property]
        public string $stock = '',
        #[OA\Property(description: 'What the form was filled with, so that what is sold meanwhile stays sold.', x: ['optional' => true])]
        public ?int $stock_seen = null,
        #[OA\Property]
        public bool $allows_back_order = false,
        #[OA\Property]
        public string $low_stock = '',
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $categories = [],
        #[OA\Property(type: 'array', items: new OA\Items(required: ['name', 'values'], properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'values', type: 'array', items: new OA\Items(type: 'string')),
        ], type: 'object'))]
        public array $traits = [],
        #[OA\Property(description: 'Ids of products.', type: 'array', items: new OA\Items(type: 'integer'))]
        public array $add_ons = [],
        #[OA\Property(type: 'array', items: new OA\Items(required: ['id', 'alt'], properties: [
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'alt', type: 'string'),
        ], type: 'object'))]
        public array $pictures = [],
        #[OA\Property]
        public ProductButtonsForm $buttons = new ProductButtonsForm,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionForm::class))]
        public array $options = [],
        #[OA\Property(type: 'array', items: new OA\Items(ref: VariantForm::class))]
        public array $variants = [],
        #[OA\Property(description: 'Where it is to be had, while a partner sells it.', type: 'array', items: new OA\Items(ref: AddressForm::class))]
        public array $addresses = [],
        #[OA\Property(description: 'That it is sold with, in their order.', type: 'array', items: new OA\Items(ref: FileForm::class))]
        public array $files = [],
        #[OA\Property(description: 'Id of what is shown of it before it is bought; null: nothing.')]
        public ?int $sample = null,
        #[OA\Property(description: 'For how long a link to its files works; blank: as the shop says.')]
        public string $download_days = '',
        #[OA\Property(description: 'How often each file may be downloaded; blank: as the shop says.')]
        public string $download_times = '',
    ) {}

    /** What a new product begins with. */
    public static function blank(): self
    {
        return new self;
    }

    /** @param  Product  $product  with all that it is filled with */
    public static function of(Product $product, DateTimeZone $zone): self
    {
        return new self(
            ...[...self::money($product, $zone), ...self::stock($product), ...self::files($product)],
            name: $product->name,
            sku: $product->sku,
            is_draft: $product->is_draft,
            kind: $product->kind,
            thanks: $product->thanks ?? '',
            place: $product->place,
            asks_attendees: $product->asks_attendees,
            parcel_address: $product->parcel_address->value ?? '',
            text_by: $product->text_by?->toDateString() ?? '',
            summary: $product->summary ?? '',
            description: $product->description ?? '',
            tax_class: $product->tax_class,
            weight: $product->weight ?? '',
            weight_unit: WeightUnit::from($product->weight_unit),
            picture: $product->picture,
            categories: array_values($product->categories->map(static fn (Category $category): string => $category->name)->all()),
            traits: $product->traits ?? [],
            add_ons: array_values($product->addOns->map(static fn (Product $other): int => $other->id)->all()),
            pictures: array_values($product->pictures->map(static fn (Picture $picture): array => ['id' => $picture->id, 'alt' => $picture->alt])->all()),
            buttons: ProductButtonsForm::of($product->buttons ?? []),
            options: array_map(static fn (Option $option): OptionForm => OptionForm::of($option), $product->options),
            variants: array_values($product->variants->map(static fn (Variant $variant): VariantForm => VariantForm::of($variant, $product, $zone))->all()),
            addresses: array_values($product->addresses->map(static fn (PartnerAddress $address): AddressForm => AddressForm::of($address))->all()),
        );
    }

    /** @return array{tracks_stock: bool, stock: string, stock_seen: int|null, allows_back_order: bool, low_stock: string} */
    private static function stock(Product $product): array
    {
        return [
            'tracks_stock' => $product->stock !== null,
            'stock' => (string) $product->stock,
            'stock_seen' => $product->stock,
            'allows_back_order' => $product->allows_back_order,
            'low_stock' => (string) $product->low_stock,
        ];
    }

    /** @return array{files: list<FileForm>, sample: int|null, download_days: string, download_times: string} */
    private static function files(Product $product): array
    {
        return [
            'files' => array_values($product->files->map(static fn (ProductFile $file): FileForm => FileForm::of($file))->all()),
            'sample' => $product->sample?->id,
            'download_days' => (string) $product->download_days,
            'download_times' => (string) $product->download_times,
        ];
    }

    /** @return array{price: string, sale_price: string, sale_from: string, sale_until: string, cost: string, shipping_first: string, shipping_more: string, least: string, most: string, suggested: string, begins: string, ends: string} */
    private static function money(Product $product, DateTimeZone $zone): array
    {
        $amount = static fn (?int $minor): string => $minor === null ? '' : $product->money($minor)->decimal();
        $local = static fn (?CarbonImmutable $at): string => $at === null ? '' : LocalTime::typed(Moment::ofSeconds((int) $at->getTimestamp()), $zone);

        return [
            // What has no price here may have none that anybody typed.
            'price' => $product->price_minor === 0 && ! $product->kind->has(ProductPart::Price) ? '' : $amount($product->price_minor),
            'sale_price' => $amount($product->sale_minor),
            'sale_from' => $local($product->sale_from),
            'sale_until' => $local($product->sale_until),
            'cost' => $amount($product->cost_minor),
            'shipping_first' => $amount($product->shipping_first_minor),
            'shipping_more' => $amount($product->shipping_more_minor),
            'begins' => $local($product->begins_at),
            'ends' => $local($product->ends_at),
            'least' => $amount($product->least_minor),
            'most' => $amount($product->most_minor),
            'suggested' => implode(', ', array_map($amount, $product->suggested ?? [])),
        ];
    }
}
