<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Embed\WidgetData;
use App\Embed\Widgets;
use App\Embed\WidgetShelf;
use App\Embed\WidgetTable;
use App\Embed\WidgetWords;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Widgets')]
final readonly class WidgetsResource
{
    /** Of the form of what is told; a script that knows another leaves its page as it is. */
    public const VERSION = 1;

    /**
     * @param  list<WidgetData>  $widgets
     * @param  list<WidgetTable>  $tables
     * @param  list<WidgetShelf>  $shelves
     */
    private function __construct(
        #[OA\Property(description: 'Of the form of this answer.')]
        public int $v,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WidgetData::class))]
        public array $widgets,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WidgetTable::class))]
        public array $tables,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WidgetShelf::class))]
        public array $shelves,
        #[OA\Property]
        public WidgetWords $words,
        #[OA\Property(description: 'When something of it changes by itself, such as a sale that ends; null: never. RFC 3339.')]
        public ?string $changes_at,
    ) {}

    public static function of(Widgets $told): self
    {
        return new self(self::VERSION, $told->widgets, $told->tables, $told->shelves, $told->words, $told->changes === null ? null : gmdate(DATE_RFC3339, $told->changes->seconds));
    }
}
