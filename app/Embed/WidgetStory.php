<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Picture;
use App\Models\Shop;
use App\Shopfront\ShippingNote;
use App\Shopfront\StockWords;
use OpenApi\Attributes as OA;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'WidgetStory', description: 'All that the page of a product says of it.')]
final readonly class WidgetStory
{
    /**
     * @param  list<StoryPicture>  $pictures
     * @param  list<StoryText>  $text
     * @param  list<StoryTrait>  $traits
     */
    private function __construct(
        #[OA\Property(description: 'With the choices that were made.')]
        public string $name,
        #[OA\Property(description: 'The first stands for it.', type: 'array', items: new OA\Items(ref: StoryPicture::class))]
        public array $pictures,
        #[OA\Property(description: 'When and where it takes place; blank: at no time, or the choice says it.')]
        public string $when,
        #[OA\Property(description: 'What there is to say of the stock; blank: nothing, or the choice says it.')]
        public string $stock,
        #[OA\Property(description: 'The short description and the long one.', type: 'array', items: new OA\Items(ref: StoryText::class))]
        public array $text,
        #[OA\Property(description: 'What sending one costs in the shop’s own country, and why; blank: it is not sent, or nobody can say.')]
        public string $shipping,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StoryTrait::class))]
        public array $traits,
        #[OA\Property(description: 'Null: there is none.')]
        public ?WidgetSample $sample,
    ) {}

    /** @return list<self> of each of its goods */
    public static function listOf(Offer $offer, Shop $shop, Moment $at): array
    {
        return array_values($offer->lines->map(static fn (OfferLine $line): self => self::of($line, $shop, $at))->all());
    }

    private static function of(OfferLine $line, Shop $shop, Moment $at): self
    {
        $product = $line->product;
        $say = $shop->wording();
        $isOpen = $line->leavesVariantOpen();

        return new self(
            $line->name(),
            self::pictures($line, $shop->base()),
            $isOpen ? '' : $product->event($line->variant)?->shown($shop->zone(), $say) ?? '',
            $isOpen || $product->kind->isElsewhere() ? '' : StockWords::of($product->stockFor($line->variant), $say, $product->isOver($line->variant)),
            StoryText::listOf("{$product->summary}{$product->description}"),
            ShippingNote::of($shop, $product, $shop->home_country, $at),
            array_map(static fn (array $trait): StoryTrait => new StoryTrait($trait['name'], $trait['values']), $product->traits ?? []),
            WidgetSample::of($product, $shop),
        );
    }

    /** @return list<StoryPicture> */
    private static function pictures(OfferLine $line, string $base): array
    {
        $pictures = array_values($line->product->pictures->map(static fn (Picture $picture): StoryPicture => StoryPicture::of($picture->shown(), $base))->all());
        $lead = $line->product->lead();

        return $pictures === [] && $lead !== null ? [StoryPicture::of($lead, $base)] : $pictures;
    }
}
