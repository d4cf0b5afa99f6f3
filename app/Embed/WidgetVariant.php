<?php

declare(strict_types=1);

namespace App\Embed;

use App\Shopfront\ChoiceView;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WidgetVariant')]
final readonly class WidgetVariant
{
    /** @param  list<string>  $choices */
    private function __construct(
        #[OA\Property(description: 'One of each option, in their order.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $choices,
        #[OA\Property]
        public WidgetPrice $price,
        #[OA\Property(description: 'What there is to say of the stock; blank: nothing.')]
        public string $stock,
        #[OA\Property]
        public bool $is_sold_out,
        #[OA\Property(description: 'A whole address; null: as the product.')]
        public ?string $picture,
        #[OA\Property(description: 'When and where it takes place; blank: at no time.')]
        public string $when,
    ) {}

    /**
     * @param  string  $base  the shop's origin
     * @param  int|null  $pieces  that the price is for; `null`: for one of however many the shopper takes
     */
    public static function of(ChoiceView $choice, string $base, ?int $pieces): self
    {
        return new self($choice->choices, WidgetPrice::ofUnit($choice->unit(), $pieces), $choice->stock, $choice->isSoldOut, $choice->picture === null ? null : $base.$choice->picture, $choice->when);
    }
}
