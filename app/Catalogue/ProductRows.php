<?php

declare(strict_types=1);

namespace App\Catalogue;

use PaperKite\Catalogue\Entry\EnteredProduct;
use PaperKite\Catalogue\Entry\EnteredTrait;
use PaperKite\Catalogue\Entry\EnteredVariant;
use PaperKite\Catalogue\Event;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Time\Moment;

/**
 * What is written of a product that was entered: rows of `products` and `variants`, without their keys. No database is asked.
 *
 * @phpstan-type VariantRow array{position: int, sku: string, choices: list<string>, price_minor: int|null, weight_g: int|null, stock: int|null, picture_id: int|null, is_preselected: true|null, begins_at: \DateTimeImmutable|null, ends_at: \DateTimeImmutable|null, place: string}
 */
final readonly class ProductRows
{
    private function __construct(
        /** @var array<string, mixed> */
        public array $product,
        /** @var list<VariantRow> */
        public array $variants,
    ) {}

    public static function of(EnteredProduct $entered, ProductExtras $extras, Currency $currency): self
    {
        return new self(
            self::words($entered, $extras) + self::money($entered, $currency) + self::goods($entered) + self::event($entered->event),
            array_map(self::variant(...), $entered->variants, array_keys($entered->variants)),
        );
    }

    /** @return array<string, mixed> how it is named and shown */
    private static function words(EnteredProduct $entered, ProductExtras $extras): array
    {
        return [
            'name' => $entered->name,
            'sku' => $entered->sku->text,
            'kind' => $entered->kind,
            ...($entered->kind->isElsewhere() ? [] : ['own_kind' => $entered->kind]),
            'thanks' => $entered->thanks === '' ? null : $entered->thanks,
            'is_draft' => $extras->isDraft,
            'download_days' => $extras->files->days,
            'download_times' => $extras->files->times,
            'text_by' => $extras->textBy?->text(),
            'summary' => $extras->summary,
            'description' => $extras->description,
            'picture' => $entered->picture,
            'buttons' => $extras->buttons === [] ? null : $extras->buttons,
            'traits' => $entered->traits === [] ? null : array_map(static fn (EnteredTrait $trait): array => ['name' => $trait->name, 'values' => $trait->values], $entered->traits),
        ];
    }

    /** @return array<string, mixed> */
    private static function money(EnteredProduct $entered, Currency $currency): array
    {
        $sale = $entered->price->sale;

        return [
            'currency' => $currency->code,
            'price_minor' => $entered->price->regular->minor,
            'sale_minor' => $sale?->price->minor,
            'sale_from' => self::at($sale?->from),
            'sale_until' => self::at($sale?->until),
            'cost_minor' => $entered->cost?->minor,
            'tax_class' => $entered->taxClass,
            'shipping_first_minor' => $entered->shipping?->first->minor,
            'shipping_more_minor' => $entered->shipping?->more->minor,
            'least_minor' => $entered->amounts->limits->min?->minor,
            'most_minor' => $entered->amounts->limits->max?->minor,
            'suggested' => $entered->amounts->suggested === [] ? null : array_map(static fn (Money $amount): int => $amount->minor, $entered->amounts->suggested),
        ];
    }

    /** @return array<string, mixed> what there is of it */
    private static function goods(EnteredProduct $entered): array
    {
        return [
            'weight' => $entered->weight?->text,
            'weight_unit' => $entered->weight->unit->value ?? 'g',
            'weight_g' => $entered->weight->grams ?? 0,
            'stock' => $entered->stock,
            'allows_back_order' => $entered->allowsBackOrder,
            'low_stock' => $entered->lowStock,
            'options' => $entered->options,
            'asks_attendees' => $entered->asksAttendees,
            'parcel_address' => $entered->parcelAddress,
            'has_variants' => $entered->variants !== [] && $entered->kind->has(ProductPart::Variants),
        ];
    }

    /** @return VariantRow */
    private static function variant(EnteredVariant $variant, int $position): array
    {
        return [
            'position' => $position,
            'sku' => $variant->sku->text,
            'choices' => $variant->choices,
            'price_minor' => $variant->price?->minor,
            'weight_g' => $variant->weightGrams,
            'stock' => $variant->stock,
            'picture_id' => $variant->pictureId,
            'is_preselected' => $variant->isPreselected ? true : null,
        ] + self::event($variant->event);
    }

    /** @return array{begins_at: \DateTimeImmutable|null, ends_at: \DateTimeImmutable|null, place: string} */
    private static function event(?Event $event): array
    {
        return ['begins_at' => self::at($event?->begins), 'ends_at' => self::at($event?->ends), 'place' => $event->place ?? ''];
    }

    private static function at(?Moment $moment): ?\DateTimeImmutable
    {
        return $moment === null ? null : new \DateTimeImmutable("@{$moment->seconds}");
    }
}
