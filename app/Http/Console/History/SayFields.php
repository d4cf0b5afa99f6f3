<?php

declare(strict_types=1);

namespace App\Http\Console\History;

use App\Finding\Kind;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Edit\FieldChange;
use PaperKite\Edit\SaidValue;

/** A field of a form before and after, as a seller reads it: things by their names. */
final readonly class SayFields
{
    public function __construct(private ConnectionInterface $db) {}

    /** @return array{string, string} */
    public function of(Shop $shop, FieldChange $change): array
    {
        $kind = match ($change->path) {
            ['offers'], ['stressed'] => Kind::Offer,
            ['add_ons'] => Kind::Product,
            default => null,
        };
        $named = $kind === null ? static fn (mixed $value): mixed => $value : fn (mixed $value): array => $this->named($shop, $kind, (array) $value);

        return [SaidValue::of($named($change->before)), SaidValue::of($named($change->after))];
    }

    /**
     * @param  array<mixed>  $ids
     * @return list<string>
     */
    private function named(Shop $shop, Kind $kind, array $ids): array
    {
        $names = $this->db->table('search_things')->where(['shop_id' => $shop->id, 'kind' => $kind->value])->whereIn('thing_id', $ids)->pluck('label', 'thing_id')->all();

        return array_values(array_map(static function (mixed $id) use ($names): string {
            $name = is_int($id) ? $names[$id] ?? null : null;

            return is_string($name) ? $name : 'one that is gone';
        }, array_filter($ids, is_int(...))));
    }
}
