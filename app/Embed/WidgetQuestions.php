<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\OfferLine;
use App\Models\Shop;
use App\Shopfront\ChoiceView;
use App\Shopfront\Questions;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Option;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'WidgetQuestions', description: 'What a shopper has still to say of one of the goods.')]
final readonly class WidgetQuestions
{
    /**
     * @param  list<WidgetOption>  $options
     * @param  list<WidgetVariant>  $variants
     * @param  list<string>  $preselected
     */
    private function __construct(
        #[OA\Property(description: 'By which the answer names it, from 0.')]
        public int $line,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'None: the variant has been said.', type: 'array', items: new OA\Items(ref: WidgetOption::class))]
        public array $options,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WidgetVariant::class))]
        public array $variants,
        #[OA\Property(description: 'One of each option; none: nothing is chosen at first.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $preselected,
        #[OA\Property(description: 'Null: it has a price, or the amount has been said.')]
        public ?WidgetAmounts $amounts,
    ) {}

    /**
     * @param  bool  $isEach  whether prices are for one piece, of however many the shopper takes
     * @return self|null `null` where nothing is open
     */
    public static function of(int $index, OfferLine $line, bool $isEach, Shop $shop, Moment $at): ?self
    {
        if (! $line->leavesAChoice()) {
            return null;
        }
        $open = Questions::ofLine($line, $at, $shop);
        $pieces = $isEach ? null : $line->quantity;

        return new self(
            $index,
            $line->product->name,
            array_map(static fn (Option $option): WidgetOption => WidgetOption::of($option), array_values($open->which->options ?? [])),
            array_map(static fn (ChoiceView $choice): WidgetVariant => WidgetVariant::of($choice, $shop->base(), $pieces), $open->which->variants ?? []),
            $open->which->preselected ?? [],
            $open->howMuch === null ? null : WidgetAmounts::of($open->howMuch, $shop->wording()),
        );
    }
}
