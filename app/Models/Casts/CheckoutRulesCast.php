<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\CouponPlace;
use PaperKite\Checkout\Demand;
use PaperKite\Download\DownloadTerms;

/**
 * A shop's checkout rules as JSON in one column.
 *
 * @implements CastsAttributes<CheckoutRules, CheckoutRules>
 */
final class CheckoutRulesCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): CheckoutRules
    {
        if (! is_string($value)) {
            return new CheckoutRules;
        }
        /** @var array{demands: array<string, string>, couponPlace: string, terms: string, policy: string, afterPaying: string|null, afterCancelling: string|null, hosts: list<string>, downloads?: array{days: int, times: int}} $kept */
        $kept = json_decode($value, true, flags: JSON_THROW_ON_ERROR);

        return new CheckoutRules(
            array_map(Demand::from(...), $kept['demands']),
            CouponPlace::from($kept['couponPlace']),
            $kept['terms'],
            $kept['policy'],
            $kept['afterPaying'],
            $kept['afterCancelling'],
            $kept['hosts'],
            new DownloadTerms(...$kept['downloads'] ?? []),
        );
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! $value instanceof CheckoutRules) {
            throw new InvalidArgumentException('A shop keeps CheckoutRules.');
        }
        $demands = [];
        foreach (CheckoutField::cases() as $field) {
            $demands[$field->value] = $value->demand($field)->value;
        }

        return json_encode([
            'demands' => $demands,
            'couponPlace' => $value->couponPlace->value,
            'terms' => $value->terms,
            'policy' => $value->policy,
            'afterPaying' => $value->afterPaying,
            'afterCancelling' => $value->afterCancelling,
            'hosts' => $value->hosts,
            'downloads' => ['days' => $value->downloads->days, 'times' => $value->downloads->times],
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
