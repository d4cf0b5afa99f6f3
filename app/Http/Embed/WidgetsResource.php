<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Embed\WidgetData;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Widgets')]
final readonly class WidgetsResource
{
    /** Of the form of what is told; a script that knows another leaves its page as it is. */
    public const VERSION = 1;

    /** @param  list<WidgetData>  $widgets */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: WidgetData::class))]
        public array $widgets,
        #[OA\Property(description: 'Of the form of this answer.')]
        public int $v = self::VERSION,
    ) {}
}
