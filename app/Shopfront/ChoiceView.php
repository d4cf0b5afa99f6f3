<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\LeadPicture;
use App\Models\Product;
use App\Models\Variant;
use DateTimeZone;
use PaperKite\Quote\UnitPrice;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

/** A variant as the product page shows it, and as its script reads it. */
final readonly class ChoiceView
{
    private function __construct(
        public string $sku,
        /** @var list<string> */
        public array $choices,
        public string $price,
        /** The regular price beside a sale price. */
        public ?string $was,
        /** What there is to say about the stock. */
        public string $stock,
        public bool $isSoldOut,
        public ?string $picture,
        /** When and where it takes place; blank where it does not. */
        public string $when,
        private UnitPrice $unit,
        private ?LeadPicture $lead,
    ) {}

    /** What a piece costs now. */
    public function unit(): UnitPrice
    {
        return $this->unit;
    }

    /** @return LeadPicture|null `null` where it has no picture of its own */
    public function shown(): ?LeadPicture
    {
        return $this->lead;
    }

    /** @return list<self> */
    public static function listOf(Product $product, Moment $at, DateTimeZone $zone, Wording $say): array
    {
        $core = $product->toCore();

        return array_values($product->variants->map(static function (Variant $variant, int $i) use ($core, $at, $zone, $say): self {
            $event = $core->eventOf($core->variants[$i]);
            $price = PriceTag::price($core, $core->variants[$i], $at);
            $stock = $core->stockOf($core->variants[$i]);

            return new self(
                $variant->sku,
                $variant->choices,
                $price->today->shown(),
                $price->beforeSale()?->shown(),
                StockWords::of($stock, $say, $event?->hasBegun($at) === true),
                ! $stock->covers(1),
                $variant->picture?->path(),
                $event?->shown($zone, $say) ?? '',
                $price,
                $variant->picture?->shown(),
            );
        })->all());
    }
}
