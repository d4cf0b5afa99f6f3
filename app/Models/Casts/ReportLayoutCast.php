<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use PaperKite\Partner\Report\ReportField;
use PaperKite\Partner\Report\ReportLayout;
use PaperKite\Sheet\DayOrder;
use PaperKite\Text\DecimalMark;

/**
 * Which columns a marketplace's reports have, as JSON in one column.
 *
 * @implements CastsAttributes<ReportLayout|null, ReportLayout|null>
 */
final class ReportLayoutCast implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?ReportLayout
    {
        if (! is_string($value)) {
            return null;
        }
        $kept = new KeptValues((array) json_decode($value, true, flags: JSON_THROW_ON_ERROR));
        $columns = $kept->part('columns');
        $named = [];
        foreach (ReportField::cases() as $field) {
            $named[$field->value] = $columns->text($field->value);
        }

        return new ReportLayout(array_filter($named, static fn (string $name): bool => $name !== ''), DecimalMark::from($kept->text('mark')), DayOrder::from($kept->text('order')));
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof ReportLayout => json_encode(['columns' => (object) $value->columns, 'mark' => $value->mark->value, 'order' => $value->order->value], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            default => throw new InvalidArgumentException('A report has a ReportLayout.'),
        };
    }
}
