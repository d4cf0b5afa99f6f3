<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use LogicException;
use PaperKite\Quote\ShopRules;

/**
 * A shop’s rules as JSON in one column, in the form in which they are entered and in which quote documents hold them.
 *
 * @implements CastsAttributes<ShopRules, ShopRules>
 */
final class ShopRulesCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** What counts until the seller has said something: no tax, and nothing ships anywhere. */
    private const NOTHING_SET = ['prices_include_tax' => true, 'timezone' => 'UTC', 'shipping_tax_class' => null, 'tax' => [], 'zones' => []];

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ShopRules
    {
        $form = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : self::NOTHING_SET;

        return ShopRulesEntry::read(is_string($attributes['currency'] ?? null) ? $attributes['currency'] : '', $form)->rules
            ?? throw new LogicException('The rules of a shop can’t be read.');
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof ShopRules
            ? json_encode(ShopRulesForm::of($value), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)
            : throw new InvalidArgumentException('A shop keeps ShopRules.');
    }
}
