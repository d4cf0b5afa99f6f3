<?php

declare(strict_types=1);

namespace App\Models;

use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Catalogue\TermsKind;
use PaperKite\Quote\LineBecause;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;
use PaperKite\Quote\TaxRates;
use PaperKite\Words\Said;
use ReflectionClass;

/** A line of a bill as it was shown when the payment was opened. */
final readonly class FrozenLine
{
    public function __construct(
        public int $productId,
        public ?int $variantId,
        public ?int $placementId,
        public string $sku,
        public string $name,
        /** The names of the choices made, as one text. */
        public string $choices,
        /** The path of the picture. */
        public string $picture,
        public int $quantity,
        public int $unitMinor,
        public int $subtotalMinor,
        public int $discountMinor,
        public int $taxMinor,
        /** Why a piece costs what it costs; `null` where nothing needs saying. */
        public ?Said $because,
        /** `null` for what is money itself. */
        public ?string $taxClass = null,
        /** In percent; `0` where the shop has no rate; `null` where a former release froze it. */
        public ?string $taxRate = null,
        /** Before the provider's fee; `null` where a former release froze it. */
        public ?int $profitMinor = null,
        /** Of the open link that led here; `null` where there was none, or a former release froze it. */
        public ?int $labelId = null,
        public string $terms = TermsKind::Once->value,
        /** What the shopper gives for one. */
        public ?int $amountMinor = null,
        public ProductKind $kind = ProductKind::Physical,
        /** The words of thanks of a cause. */
        public ?string $thanks = null,
        /** When and where it takes place, in seconds since 1970; `null` where it does not. */
        public ?int $begins = null,
        public ?int $ends = null,
        public string $place = '',
        /** How often it had been moved by then. */
        public int $eventSequence = 0,
        /** @var list<string> who comes, a name for each seat, where that is asked */
        public array $attendees = [],
        /** Of what was clicked, where the placement shows several; `null`: as the placement has it. */
        public ?int $offerId = null,
        /** For whom it is, where it is a gift card. */
        public ?FrozenGift $gift = null,
    ) {}

    /** As `cart_lines.pick_key` has it. */
    public function pickKey(): string
    {
        return PickKey::of($this->productId, $this->variantId, $this->terms, $this->amountMinor);
    }

    /** Without whom it is for. */
    public function forgotten(): self
    {
        $line = (new ReflectionClass(self::class))->newInstanceWithoutConstructor();
        foreach (get_object_vars($this) as $name => $value) {
            $line->{$name} = $name === 'gift' ? null : $value;
        }

        return $line;
    }

    /**
     * Each gift card is a line of its own: it is somebody’s, and given back by itself. None of them bears a discount or tax.
     *
     * @return non-empty-list<self>
     */
    public static function listOf(CartLine $line, ReceiptLine $priced, Receipt $receipt): array
    {
        $gifts = $line->gifts();

        return $gifts === [] ? [self::of($line, $priced, $receipt)] : array_map(static fn (FrozenGift $gift): self => self::of($line, $priced, $receipt, $gift), $gifts);
    }

    /** @param  FrozenGift|null  $gift  for whom the one piece is; `null`: all pieces, of what is no gift card */
    public static function of(CartLine $line, ReceiptLine $priced, Receipt $receipt, ?FrozenGift $gift = null): self
    {
        return new self(
            ...self::dated($line),
            productId: $line->product_id,
            variantId: $line->variant_id,
            placementId: $line->placement_id,
            sku: $priced->pick->sku()->text,
            name: $line->product->name,
            choices: implode(' · ', $line->variant->choices ?? []),
            picture: $line->picturePath(),
            quantity: $gift === null ? $line->quantity : 1,
            unitMinor: $priced->unit->today->minor,
            subtotalMinor: $gift === null ? $priced->subtotal->minor : $priced->unit->today->minor,
            discountMinor: $priced->discount->minor,
            taxMinor: $priced->tax->minor,
            because: LineBecause::of($priced, $receipt)->unit,
            taxClass: TaxRates::classOf($priced->pick),
            taxRate: $priced->taxRate->text ?? '0',
            profitMinor: $priced->profit->minor,
            labelId: $line->label_id,
            terms: $line->terms,
            amountMinor: $line->amount_minor,
            kind: $line->product->kind,
            thanks: $line->product->kind->has(ProductPart::Thanks) ? $line->product->thanks : null,
            offerId: $line->offer_id,
            gift: $gift,
        );
    }

    /** @return array{begins: int|null, ends: int|null, place: string, eventSequence: int, attendees: list<string>} */
    private static function dated(CartLine $line): array
    {
        $event = $line->product->event($line->variant);

        return [
            'begins' => $event?->begins->seconds,
            'ends' => $event?->ends?->seconds,
            'place' => $event->place ?? '',
            'eventSequence' => $line->product->eventSequence($line->variant),
            'attendees' => $line->attendees(),
        ];
    }
}
