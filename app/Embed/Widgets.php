<?php

declare(strict_types=1);

namespace App\Embed;

use PaperKite\Time\Moment;

/** What the widgets of a page show, and how long that holds. */
final readonly class Widgets
{
    /**
     * @param  list<WidgetData>  $widgets  by code
     * @param  list<WidgetTable>  $tables  by code
     * @param  list<WidgetShelf>  $shelves  by code
     */
    public function __construct(
        public array $widgets,
        public array $tables,
        public array $shelves,
        public WidgetWords $words,
        /** When something of it changes by itself; `null`: never. */
        public ?Moment $changes,
    ) {}
}
