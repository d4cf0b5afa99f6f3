<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Entry\OptionsEntry;
use PaperKite\Catalogue\Entry\ProductEntry;
use PaperKite\Catalogue\Entry\UnusedParts;
use PaperKite\Catalogue\PriceStretch;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Text\FormInput;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'ProductCheck', description: 'What stands in the product’s form, read back.')]
final readonly class ProductCheckResource
{
    /**
     * @param  list<PriceStretchResource>  $timeline
     * @param  list<CombinationResource>  $combinations
     * @param  array<string, list<string>>|\stdClass  $errors
     * @param  list<ProductPart>  $wrong_parts
     */
    private function __construct(
        #[OA\Property(description: 'The price as the shopper will see it; null while it can’t be read.')]
        public ?string $price_shown,
        #[OA\Property(description: 'What the price was, is and will be; one stretch where there is no sale.', type: 'array', items: new OA\Items(ref: PriceStretchResource::class))]
        public array $timeline,
        #[OA\Property(description: 'Every combination of the choices.', type: 'array', items: new OA\Items(ref: CombinationResource::class))]
        public array $combinations,
        #[OA\Property(description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public array|\stdClass $errors,
        #[OA\Property(description: 'What is filled in and has no use for this kind, as a sentence; blank where there is none.')]
        public string $unused,
        #[OA\Property(description: 'In which something is wrong, whether the kind has them or not.', type: 'array', items: new OA\Items(ref: '#/components/schemas/ProductPart'))]
        public array $wrong_parts,
    ) {}

    /** @param  array<string, list<string>>  $findings */
    public static function of(ProductEntry $entry, FormInput $typed, array $findings, Shop $shop, Moment $now): self
    {
        $combinations = OptionsEntry::combinations($entry->options);

        return new self(
            $entry->price?->at($now)->shown(),
            $entry->price === null ? [] : array_map(static fn (PriceStretch $stretch) => PriceStretchResource::of($stretch, $shop->zone()), PriceStretch::of($entry->price, $now)),
            array_map(static fn (array $choices) => CombinationResource::of($choices, $entry, $typed->text('sku'), $now), $combinations),
            $findings === [] ? new \stdClass : $findings,
            UnusedParts::sentence($typed),
            UnusedParts::wrong(array_keys($findings)),
        );
    }
}
