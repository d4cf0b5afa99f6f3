<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use PaperKite\Money\Percentage;
use PaperKite\Partner\PartnerRules;
use PaperKite\Partner\Price\PriceRule;
use PaperKite\Partner\Price\StalePrice;
use PaperKite\Partner\Writing\TextLimits;

/**
 * What a shop holds its partners' goods to, as JSON in one column.
 *
 * @implements CastsAttributes<PartnerRules, PartnerRules>
 */
final class PartnerRulesCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): PartnerRules
    {
        if (! is_string($value)) {
            return new PartnerRules;
        }
        $kept = new KeptValues((array) json_decode($value, true, flags: JSON_THROW_ON_ERROR));

        return new PartnerRules(
            new PriceRule($kept->integer('price_days'), StalePrice::from($kept->text('stale')), $kept->isTrue('takes_over')),
            new TextLimits($kept->integer('title_words'), $kept->integer('text_words')),
            Percentage::fromEntry($kept->text('conversion')),
        );
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof PartnerRules ? json_encode([
            'price_days' => $value->prices->days, 'stale' => $value->prices->stale->value, 'takes_over' => $value->prices->takesOver,
            'title_words' => $value->texts->title, 'text_words' => $value->texts->text, 'conversion' => $value->conversion->text,
        ], JSON_THROW_ON_ERROR) : throw new InvalidArgumentException('A shop keeps PartnerRules.');
    }
}
