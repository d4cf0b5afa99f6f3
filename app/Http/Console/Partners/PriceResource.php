<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\Amount;
use App\Models\PartnerAddress;
use App\Models\Product;
use OpenApi\Attributes as OA;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\PartnerRules;
use PaperKite\Partner\Price\PriceShowing;
use PaperKite\Partner\Price\PriceState;
use PaperKite\Time\Day;

#[OA\Schema(schema: 'Price', description: 'What a partner’s item costs where it is sold, and what the shop says of it.')]
final readonly class PriceResource
{
    private function __construct(
        #[OA\Property(description: 'Of the address.')]
        public int $id,
        #[OA\Property]
        public int $product_id,
        #[OA\Property]
        public string $product,
        #[OA\Property]
        public string $marketplace,
        #[OA\Property(description: 'Of its page, without anybody’s ID.')]
        public string $page,
        #[OA\Property(description: 'What the seller shows; null: no price.', oneOf: [new OA\Schema(ref: Amount::class), new OA\Schema(type: 'null')])]
        public ?Amount $price,
        #[OA\Property(description: 'On which day it was seen, ISO 8601; blank: there is none.')]
        public string $seen_on,
        #[OA\Property(description: 'Whether shoppers see it.')]
        public bool $is_shown,
        #[OA\Property(description: 'Whether it is marked as old.')]
        public bool $is_old,
        #[OA\Property(description: 'What its page said when it was read last; null: it never was.', oneOf: [new OA\Schema(ref: Amount::class), new OA\Schema(type: 'null')])]
        public ?Amount $found,
        #[OA\Property(description: 'Null: its page was never looked at.', oneOf: [new OA\Schema(ref: '#/components/schemas/PriceState'), new OA\Schema(type: 'null')])]
        public ?PriceState $state,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'What is the matter, and what to do; blank: nothing.')]
        public string $what,
        #[OA\Property(description: 'When its page was looked at; null: never.', type: 'string', format: 'date-time', nullable: true)]
        public ?string $checked_at,
    ) {}

    /** @param  PartnerAddress  $address  of an item, with its marketplace and product, and that with all its addresses */
    public static function of(PartnerAddress $address, PartnerRules $rules, Day $today): self
    {
        $currency = Currency::of($address->marketplace->currency);
        $showing = $address->showing($rules, $today);
        $price = $address->price();

        return new self(
            id: $address->id,
            product_id: $address->product_id,
            product: $address->product->name,
            marketplace: $address->marketplace->name,
            page: OutgoingAddress::plain($address->marketplace->toCore(), $address->target),
            price: $price === null ? null : Amount::of($price),
            seen_on: $address->priced_on?->toDateString() ?? '',
            is_shown: $showing !== PriceShowing::Hidden,
            is_old: $showing === PriceShowing::Marked,
            found: $address->found_minor === null ? null : Amount::of(Money::ofMinor($address->found_minor, $currency)),
            state: $address->price_state,
            label: $address->price_state?->label() ?? 'Not looked at yet',
            what: self::what($address),
            checked_at: $address->checked_at?->toIso8601ZuluString(),
        );
    }

    private static function what(PartnerAddress $address): string
    {
        return match ($address->price_state) {
            PriceState::Changed => 'Shoppers see no price here until you choose.',
            PriceState::Vanished => self::goneTo($address->product, $address).' Give it another address, or put other goods in its place.',
            PriceState::Unreadable => $address->page_problem?->sentence() ?? '',
            default => '',
        };
    }

    private static function goneTo(Product $product, PartnerAddress $address): string
    {
        $to = $product->addresses->firstWhere('id', $product->route()->for($address->marketplace->country));

        return match (true) {
            $to !== null && ! $to->isGone() => "Clicks go to {$to->marketplace->name} now.",
            $address->marketplace->search_address !== null => "Clicks go to what {$address->marketplace->name} finds for its name.",
            default => 'Clicks go to a page that is not there.',
        };
    }
}
