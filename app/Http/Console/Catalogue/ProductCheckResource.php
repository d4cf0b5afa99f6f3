<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Http\Console\Partners\AddressReadingResource;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Entry\OptionsEntry;
use PaperKite\Catalogue\Entry\ProductEntry;
use PaperKite\Catalogue\Entry\UnusedParts;
use PaperKite\Catalogue\PriceStretch;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Partner\AddressesEntry;
use PaperKite\Partner\Token;
use PaperKite\Text\FormInput;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'ProductCheck', description: 'What stands in the product’s form, read back.')]
final readonly class ProductCheckResource
{
    /** Stands in an address for what each place has of its own. */
    private const SAMPLE_SUB_ID = 'product';

    /**
     * @param  list<PriceStretchResource>  $timeline
     * @param  list<CombinationResource>  $combinations
     * @param  array<string, list<string>>|\stdClass  $errors
     * @param  list<ProductPart>  $wrong_parts
     * @param  list<AddressReadingResource|null>  $readings
     * @param  list<SentResource>  $sent
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
        #[OA\Property(description: 'What was made of each address, in the order of the form; null where it is blank.', type: 'array', items: new OA\Items(oneOf: [new OA\Schema(ref: AddressReadingResource::class), new OA\Schema(type: 'null')]))]
        public array $readings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SentResource::class))]
        public array $sent,
        #[OA\Property(description: 'Where a shopper of the country that was asked for is sent; blank: none was.')]
        public string $tried,
        #[OA\Property(description: 'Null: it is no partner’s.', oneOf: [new OA\Schema(ref: WritingResource::class), new OA\Schema(type: 'null')])]
        public ?WritingResource $writing,
    ) {}

    /**
     * @param  array<string, list<string>>  $findings
     * @param  string  $country  ISO 3166-1, from where a shopper is tried; blank: from none
     */
    public static function of(ProductEntry $entry, FormInput $typed, array $findings, AddressesEntry $addresses, string $country, ?WritingResource $writing, Shop $shop, Moment $now): self
    {
        $combinations = OptionsEntry::combinations($entry->options);

        return new self(
            $entry->price?->at($now)->shown(),
            $entry->price === null ? [] : array_map(static fn (PriceStretch $stretch) => PriceStretchResource::of($stretch, $shop->zone()), PriceStretch::of($entry->price, $now)),
            array_map(static fn (array $choices) => CombinationResource::of($choices, $entry, $typed->text('sku'), $now), $combinations),
            $findings === [] ? new \stdClass : $findings,
            UnusedParts::sentence($typed),
            UnusedParts::wrong(array_keys($findings)),
            array_map(static fn (int $index): ?AddressReadingResource => ($addresses->readings[$index] ?? null) === null ? null : AddressReadingResource::of($addresses->readings[$index], Token::of(self::SAMPLE_SUB_ID)), array_keys($typed->items('addresses'))),
            SentResource::listOf($addresses),
            SentResource::tried($addresses, $country),
            $writing,
        );
    }
}
