<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Shop;
use PaperKite\Catalogue\Availability;
use PaperKite\Catalogue\Pick;
use PaperKite\Quote\LineBecause;
use PaperKite\Quote\ReceiptLine;
use PaperKite\Time\Moment;

/** A cart as its pages show it: rows and bill. It is worked out from what it is given, and writes nothing down. */
final readonly class CartView
{
    /** @param  list<CartRow>  $rows */
    private function __construct(
        public array $rows,
        public CartBill $bill,
        public ?string $couponCode,
    ) {}

    public static function of(CartContents $contents, CartBill $bill, Shop $shop, Moment $at): self
    {
        return new self(
            array_map(static fn (ContentLine $line, int $index): CartRow => self::row($line, $bill, $index, $shop, $at), $contents->lines, array_keys($contents->lines)),
            $bill,
            $contents->couponCode,
        );
    }

    /** @return array<int, string> by line, why it can't be sold as it stands */
    public function obstacles(): array
    {
        return array_filter(array_column($this->rows, 'obstacle', 'id'), is_string(...));
    }

    private static function row(ContentLine $line, CartBill $bill, int $index, Shop $shop, Moment $at): CartRow
    {
        $pick = $line->pick;
        $say = $shop->wording();
        $priced = $bill->receipt->lines[$index] ?? null;
        $isAmount = $pick->product->kind->isGiven();
        $unit = $priced?->unit->today;

        return new CartRow(
            id: $line->id,
            sku: $pick->sku()->text,
            product: $pick->product->name,
            name: $pick->name(),
            choices: $line->choices,
            when: $pick->product->eventOf($pick->variant)?->shown($shop->zone(), $say) ?? '',
            picture: $line->picture,
            quantity: $pick->quantity->pieces,
            isAmount: $isAmount,
            price: match (true) {
                $unit === null => '',
                $isAmount => $unit->shown(),
                default => $say->say('line.each', price: $unit),
            },
            regularPrice: $priced?->unit->beforeSale()?->shown() ?? '',
            because: $priced === null || $bill->receipt === null ? null : LineBecause::of($priced, $bill->receipt)->unit?->in($say),
            subtotal: $priced?->subtotal->shown() ?? '',
            obstacle: self::obstacle($pick, $shop, $at),
            notice: self::notice($line, $priced, $shop),
            attendees: $line->attendees,
            gifts: $line->gifts,
        );
    }

    private static function obstacle(Pick $pick, Shop $shop, Moment $at): ?string
    {
        $say = $shop->wording();

        return match ($pick->availability()) {
            Availability::ForSale => null,
            Availability::Draft => $say->say('line.not_sold'),
            Availability::SoldOut => $pick->product->eventOf($pick->variant)?->hasBegun($at) === true ? $say->say('line.date_passed') : $say->say('line.sold_out'),
            Availability::TooFew => $say->say('line.too_few', count: $pick->product->stockOf($pick->variant)->pieces ?? 0),
        };
    }

    private static function notice(ContentLine $line, ?ReceiptLine $priced, Shop $shop): ?string
    {
        return $priced === null || $line->seenUnitMinor === null || $line->seenUnitMinor === $priced->unit->today->minor
            ? null
            : $shop->wording()->say('line.price_changed', before: $shop->money($line->seenUnitMinor), now: $priced->unit->today);
    }
}
