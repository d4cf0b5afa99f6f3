<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Sale;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Time\Moment;

/**
 * A product's options as JSON in one column; amounts in minor units, moments in seconds.
 *
 * @implements CastsAttributes<list<Option>, list<Option>>
 */
final class OptionsCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /**
     * @param  array<string, mixed>  $attributes
     * @return list<Option>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        if (! is_string($value) || ! is_string($attributes['currency'] ?? null)) {
            return [];
        }
        /** @var list<array{name: string, choices: list<array{name: string, price?: int, sale?: array{price: int, from: int|null, until: int|null}, adds?: int}>}> $kept */
        $kept = json_decode($value, true, flags: JSON_THROW_ON_ERROR);
        $currency = Currency::of($attributes['currency']);

        return array_map(static fn (array $option): Option => new Option(
            $option['name'],
            array_map(static fn (array $choice): Choice => self::choice($choice, $currency), $option['choices']),
        ), $kept);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null || $value === [] ? null : json_encode(array_map(static fn (Option $option): array => [
            'name' => $option->name,
            'choices' => array_map(static fn (Choice $choice): array => array_filter([
                'name' => $choice->name,
                'price' => $choice->price?->regular->minor,
                'sale' => $choice->price?->sale === null ? null : [
                    'price' => $choice->price->sale->price->minor, 'from' => $choice->price->sale->from?->seconds, 'until' => $choice->price->sale->until?->seconds,
                ],
                'adds' => $choice->adds?->minor,
            ], static fn (mixed $part): bool => $part !== null), $option->choices),
        ], $value), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @param  array{name: string, price?: int, sale?: array{price: int, from: int|null, until: int|null}, adds?: int}  $choice */
    private static function choice(array $choice, Currency $currency): Choice
    {
        $sale = isset($choice['sale']) ? new Sale(
            Money::ofMinor($choice['sale']['price'], $currency),
            $choice['sale']['from'] === null ? null : Moment::ofSeconds($choice['sale']['from']),
            $choice['sale']['until'] === null ? null : Moment::ofSeconds($choice['sale']['until']),
        ) : null;

        return new Choice(
            $choice['name'],
            isset($choice['price']) ? new Price(Money::ofMinor($choice['price'], $currency), $sale) : null,
            isset($choice['adds']) ? Money::ofMinor($choice['adds'], $currency) : null,
        );
    }
}
