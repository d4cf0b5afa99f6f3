<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\PriceTable;

/** A price table in one place, with the columns that can be shown. */
final readonly class ReadTable
{
    /** @param  list<Placement>  $columns  with their offers, in order */
    public function __construct(
        public DisplayPlacement $display,
        public PriceTable $table,
        public array $columns,
    ) {}
}
