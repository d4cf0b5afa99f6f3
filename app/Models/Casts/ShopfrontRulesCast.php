<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use PaperKite\Shopfront\AfterAdding;
use PaperKite\Shopfront\ButtonSet;
use PaperKite\Shopfront\CartColumns;
use PaperKite\Shopfront\ShopfrontRules;
use PaperKite\Shopfront\Surface;

/**
 * How a shop's own pages are arranged, as JSON in one column.
 *
 * @implements CastsAttributes<ShopfrontRules, ShopfrontRules>
 */
final class ShopfrontRulesCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ShopfrontRules
    {
        if (! is_string($value)) {
            return new ShopfrontRules;
        }
        /** @var array{buttons: array<string, string>, words: array<string, string>, afterAdding: string, hasNotice: bool, noticeLeads: string, address: string|null, cartColumns?: array{picture: bool, priceEach: bool, quantity: bool, remove: bool}} $kept */
        $kept = json_decode($value, true, flags: JSON_THROW_ON_ERROR);

        return new ShopfrontRules(array_map(ButtonSet::from(...), $kept['buttons']), $kept['words'], AfterAdding::from($kept['afterAdding']), $kept['hasNotice'], AfterAdding::from($kept['noticeLeads']), $kept['address'], isset($kept['cartColumns']) ? new CartColumns(...$kept['cartColumns']) : new CartColumns);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! $value instanceof ShopfrontRules) {
            throw new InvalidArgumentException('A shop keeps ShopfrontRules.');
        }
        $buttons = [];
        foreach (Surface::cases() as $surface) {
            $buttons[$surface->value] = $value->buttons($surface)->value;
        }

        return json_encode([
            'buttons' => $buttons, 'words' => $value->captions(), 'afterAdding' => $value->afterAdding->value,
            'hasNotice' => $value->hasNotice, 'noticeLeads' => $value->noticeLeads->value, 'address' => $value->address,
            'cartColumns' => get_object_vars($value->cartColumns),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
