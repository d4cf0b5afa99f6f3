<?php

declare(strict_types=1);

namespace App\Http\Embed;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WidgetCart', description: 'What is in the cart of a page.')]
final readonly class WidgetCartResource
{
    /** @param  list<WidgetCartLineResource>  $lines */
    public function __construct(
        #[OA\Property(description: 'By which the page opens it again; blank: there is none.')]
        public string $token,
        #[OA\Property(description: 'How many pieces are in it.')]
        public int $count,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WidgetCartLineResource::class))]
        public array $lines,
        #[OA\Property(description: 'Where the shopper goes on, as the offer says; null: they stay. It works once, and for two minutes.')]
        public ?string $go = null,
        #[OA\Property(description: 'All that there is to show of it, where that was asked for; else null.')]
        public ?ShownCartResource $shown = null,
        #[OA\Property(description: 'Of the form of this answer.')]
        public int $v = WidgetsResource::VERSION,
    ) {}

    public static function none(?ShownCartResource $shown = null): self
    {
        return new self('', 0, [], shown: $shown);
    }
}
