<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\LookBook;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use App\Offers\TableSnippet;
use OpenApi\Attributes as OA;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'PriceTable')]
final readonly class PriceTableResource
{
    /** @param  list<TableColumnResource>  $columns */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TableColumnResource::class))]
        public array $columns,
        #[OA\Property(description: 'What stands above the column that stands out; blank: nothing.')]
        public string $badge,
        #[OA\Property(description: 'What is pasted, as its offers are now.')]
        public string $snippet,
        #[OA\Property(description: 'What a copy of it is known by: SHA-256 of what it says, but for the days of partners’ prices.')]
        public string $digest,
        #[OA\Property(description: 'When it was copied last; null: never. RFC 3339.')]
        public ?string $copied_at,
        #[OA\Property(description: 'Whether the copy that was taken no longer says what the offers say.')]
        public bool $is_stale,
        #[OA\Property(description: 'Whether it is put away; what was copied of it goes on working.')]
        public bool $is_away,
    ) {}

    /** @param  PriceTable  $table  with all that its columns need */
    public static function of(PriceTable $table, int $version, Shop $shop, LookBook $looks, Moment $at): self
    {
        $snippet = TableSnippet::of($table, $shop, $looks, $at);

        return new self(
            id: $table->id,
            version: $version,
            name: $table->name,
            columns: array_values($table->columns->map(static fn (Placement $column) => TableColumnResource::of($column, $shop, $looks, $at))->all()),
            badge: $table->badge,
            snippet: $snippet,
            digest: TableSnippet::digest($table, $shop, $looks, $at),
            copied_at: $table->copied_at?->toRfc3339String(),
            is_stale: TableSnippet::isStale($table, $shop, $looks, $at),
            is_away: $table->put_away_at !== null,
        );
    }
}
