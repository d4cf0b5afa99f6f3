<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use DateTimeZone;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\ItemShipping;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ParcelAddress;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Catalogue\Weight;
use PaperKite\Catalogue\WeightUnit;
use PaperKite\Money\Currency;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;
use PaperKite\Text\Passage;

/** A product’s form as a seller filled it in: read all at once, so that every finding stands at its field. */
final readonly class ProductEntry
{
    private const MOST_TRAITS = 20;

    private const MOST_CATEGORIES = 12;

    private const LONGEST_THANKS = 1_000;

    private function __construct(
        /** @var array<string, string> sentences by path, such as `options.0.choices.1.name` */
        public array $errors,
        /** `null` where something is wrong. */
        public ?EnteredProduct $product,
        /** What can be read back while the form is not yet right. */
        public ?Price $price,
        /** @var list<Option> */
        public array $options,
    ) {}

    public static function read(FormInput $typed, Currency $currency, DateTimeZone $zone): self
    {
        $wrong = new FieldErrors;
        $prices = new PriceEntry($currency, $zone, $wrong);
        $name = $wrong->at('name', static fn (): string => Line::of($typed->text('name'), 'The name', Product::LONGEST_NAME)->text);
        // Whoever says none gets the one that the name suggests.
        $proposed = trim($typed->text('sku'), ' ') === '' && $name !== null ? Sku::proposedFor($name) : null;
        $sku = $wrong->at('sku', static fn (): Sku => $proposed ?? Sku::of($typed->text('sku')));
        $kind = self::kind($typed, $wrong);
        $price = $kind->has(ProductPart::Price) ? $prices->required($typed) : $prices->orNothing($typed);
        $options = (new OptionsEntry($prices, $wrong))->read($typed);
        $entered = $name === null || $sku === null || $price === null ? null : new EnteredProduct(
            name: $name,
            sku: $sku,
            price: $price,
            cost: $prices->amount($typed, 'cost'),
            taxClass: self::taxClass($typed, $wrong),
            weight: self::weight($typed, $wrong),
            shipping: self::shipping($typed, $prices, $wrong),
            picture: self::picture($typed, $wrong),
            stock: self::stock($typed, $options, $wrong),
            allowsBackOrder: $typed->isOn('allows_back_order'),
            lowStock: self::lowStock($typed, $wrong),
            options: $options,
            variants: (new VariantsEntry($prices, $wrong, $zone))->read($typed, $options, $sku),
            traits: self::traits($typed, $wrong),
            categories: self::categories($typed, $wrong),
            kind: $kind,
            amounts: AmountsEntry::read($typed, $prices, $price->regular, $wrong),
            thanks: self::thanks($typed, $wrong),
            event: EventEntry::read($typed, $zone, $wrong),
            asksAttendees: $typed->isOn('asks_attendees'),
            parcelAddress: self::parcelAddress($typed, $wrong),
        );
        $errors = $wrong->all();

        return new self($errors, $errors === [] ? $entered : null, $price, $options);
    }

    private static function kind(FormInput $typed, FieldErrors $wrong): ProductKind
    {
        $usual = ProductKind::sold()[0];
        $kind = $typed->text('kind') === '' ? $usual : ProductKind::tryFrom($typed->text('kind'));
        if (! in_array($kind, ProductKind::sold(), true)) {
            $wrong->add('kind', 'Choose what kind of product it is.');
        }

        return $kind ?? $usual;
    }

    /** One that the kind does not have is kept, and counts again with a kind that has it. */
    private static function parcelAddress(FormInput $typed, FieldErrors $wrong): ?ParcelAddress
    {
        $text = $typed->text('parcel_address');
        $address = ParcelAddress::tryFrom($text);
        if ($text !== '' && $address === null) {
            $wrong->add('parcel_address', 'Choose whether the address is asked from the list.');
        }

        return $address;
    }

    private static function thanks(FormInput $typed, FieldErrors $wrong): string
    {
        return trim($typed->text('thanks')) === '' ? '' : $wrong->at('thanks', static fn (): string => Passage::of($typed->text('thanks'), 'The words of thanks', self::LONGEST_THANKS)->text) ?? '';
    }

    private static function picture(FormInput $typed, FieldErrors $wrong): ?Drawing
    {
        $text = $typed->text('picture');
        $drawing = Drawing::tryFrom($text);
        if ($text !== '' && $drawing === null) {
            $wrong->add('picture', 'Pick one of the drawings, or none.');
        }

        return $drawing;
    }

    private static function taxClass(FormInput $typed, FieldErrors $wrong): string
    {
        return trim($typed->text('tax_class')) === ''
            ? Product::USUAL_TAX_CLASS
            : $wrong->at('tax_class', static fn (): string => Line::of($typed->text('tax_class'), 'The tax class', 40)->text) ?? '';
    }

    private static function weight(FormInput $typed, FieldErrors $wrong): ?Weight
    {
        $unit = WeightUnit::tryFrom($typed->text('weight_unit')) ?? WeightUnit::Gram;

        return trim($typed->text('weight')) === '' ? null : $wrong->at('weight', static fn (): Weight => Weight::fromEntry($typed->decimal('weight'), $unit));
    }

    private static function shipping(FormInput $typed, PriceEntry $prices, FieldErrors $wrong): ?ItemShipping
    {
        $first = $prices->amount($typed, 'shipping_first');
        $more = $prices->amount($typed, 'shipping_more');
        if ($first === null && $more !== null) {
            $wrong->add('shipping_first', 'Say what the first piece costs to ship, or clear the fee for each further one.');
        }

        return $first === null ? null : new ItemShipping($first, $more ?? $first->multipliedBy(0));
    }

    /** @param  list<Option>  $options */
    private static function stock(FormInput $typed, array $options, FieldErrors $wrong): ?int
    {
        return $options === [] && $typed->isOn('tracks_stock')
            ? $wrong->at('stock', static fn (): Stock => Stock::fromEntry($typed->text('stock')))?->pieces
            : null;
    }

    private static function lowStock(FormInput $typed, FieldErrors $wrong): ?int
    {
        return trim($typed->text('low_stock')) === '' ? null : $wrong->at('low_stock', static fn (): Stock => Stock::fromEntry($typed->text('low_stock')))?->pieces;
    }

    /** @return list<EnteredTrait> */
    private static function traits(FormInput $typed, FieldErrors $wrong): array
    {
        $traits = [];
        foreach (array_slice($typed->items('traits'), 0, self::MOST_TRAITS) as $entry) {
            $name = $wrong->at($entry->path('name'), static fn (): string => Line::of($entry->text('name'), 'The name of the attribute', 60)->text);
            $values = [];
            foreach ($entry->texts('values') as $value) {
                $read = $wrong->at($entry->path('values'), static fn (): string => Line::of($value, 'A value', 120)->text);
                $values = $read === null ? $values : [...$values, $read];
            }
            if ($values === []) {
                $wrong->add($entry->path('values'), 'Give the attribute at least one value, or remove it.');
            } elseif ($name !== null) {
                $traits[] = new EnteredTrait($name, $values);
            }
        }

        return $traits;
    }

    /** @return list<string> */
    private static function categories(FormInput $typed, FieldErrors $wrong): array
    {
        $names = [];
        foreach (array_slice($typed->texts('categories'), 0, self::MOST_CATEGORIES) as $name) {
            $read = $wrong->at('categories', static fn (): string => Line::of($name, 'The name of the category', 80)->text);
            $names = $read === null || in_array($read, $names, true) ? $names : [...$names, $read];
        }

        return $names;
    }
}
