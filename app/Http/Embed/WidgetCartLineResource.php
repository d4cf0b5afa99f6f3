<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Embed\WidgetPrice;
use App\Models\CartLine;
use OpenApi\Attributes as OA;
use PaperKite\Quote\UnitPrice;
use PaperKite\Quote\UnpricedLine;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'WidgetCartLine')]
final readonly class WidgetCartLineResource
{
    private function __construct(
        #[OA\Property(description: 'By which a change names it.')]
        public int $id,
        #[OA\Property(description: 'With its choices.')]
        public string $name,
        #[OA\Property]
        public int $quantity,
        #[OA\Property(description: 'Of one piece; null: it can’t be told.')]
        public ?WidgetPrice $price,
    ) {}

    public static function of(CartLine $line, Moment $at): self
    {
        $pick = $line->toCore();
        try {
            $price = WidgetPrice::ofUnit(UnitPrice::of($pick, $at), 1);
        } catch (UnpricedLine) {
            $price = null;
        }

        return new self($line->id, $pick->name(), $line->quantity, $price);
    }
}
