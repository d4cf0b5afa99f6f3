<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Carts\Goods;
use App\Http\Input;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Variant;
use App\Shopfront\GivenAmount;
use Illuminate\Http\Request;
use PaperKite\Catalogue\Availability;
use PaperKite\Catalogue\InvalidQuantity;

/** What a shopper said on the page of an offer: which variant of each, and how many. */
final readonly class OfferAnswer
{
    /**
     * @param  list<Goods>  $goods  none where something is still to be said
     * @param  array<int, list<string>>  $choices  as chosen, by line
     * @param  array<int, string>  $choiceErrors  by line
     */
    private function __construct(
        public array $goods,
        public array $choices,
        public ?string $quantity,
        public array $choiceErrors,
        public ?string $quantityError,
        /** @var array<int, string> amounts that were picked, by line */
        public array $picked = [],
        /** @var array<int, string> amounts of their own, as typed, by line */
        public array $amounts = [],
    ) {}

    public static function none(): self
    {
        return new self([], [], null, [], null);
    }

    public static function read(Offer $offer, Request $request): self
    {
        $say = $offer->shop->wording();
        $goods = $choices = $errors = $picked = $amounts = [];
        [$pieces, $quantityError] = self::pieces($offer, Input::text($request, 'quantity'));
        foreach ($offer->lines as $index => $line) {
            $choices[$index] = self::typed($request, $index);
            $variant = self::variant($line, $choices[$index]);
            [$picked[$index], $amounts[$index]] = [Input::text($request, "amount.{$index}"), Input::text($request, "own_amount.{$index}")];
            $given = $line->leavesAmountOpen() ? GivenAmount::read($line->product, $amounts[$index], $picked[$index], $say) : null;
            $each = new Goods($line->product, $variant, $pieces ?? $line->quantity, $given->terms ?? $line->termsOf($line->product));
            if ($given?->error !== null) {
                $errors[$index] = $given->error;
            } elseif ($line->product->has_variants && $variant === null) {
                $errors[$index] = $say->say('refused.combination');
            } else {
                $errors[$index] = match ($each->availability()) {
                    Availability::ForSale, Availability::Draft => null,
                    Availability::SoldOut => $line->product->isOver($variant) ? $say->say('refused.date_passed') : $say->say('refused.sold_out'),
                    Availability::TooFew => $say->say('refused.too_few', count: $line->product->stockFor($variant)->pieces ?? 0),
                };
            }
            $goods[] = $each;
        }

        $errors = array_filter($errors, is_string(...));

        return new self($errors === [] && $quantityError === null ? $goods : [], $choices, $request->has('quantity') ? Input::text($request, 'quantity') : null, $errors, $quantityError, $picked, $amounts);
    }

    /** @return array{int|null, string|null} how many, where the shopper was asked, and what is wrong with the answer */
    private static function pieces(Offer $offer, string $typed): array
    {
        try {
            return [$offer->ask()?->answer($typed)->pieces, null];
        } catch (InvalidQuantity $invalid) {
            return [null, $offer->shop->wording()->refusal($invalid)];
        }
    }

    /** @return list<string> */
    private static function typed(Request $request, int $line): array
    {
        return array_values(array_map(static fn (mixed $choice): string => is_string($choice) ? $choice : '', (array) $request->input("choice.{$line}", [])));
    }

    /** @param  list<string>  $choices */
    private static function variant(OfferLine $line, array $choices): ?Variant
    {
        return $line->leavesVariantOpen() ? $line->product->variants->first(static fn (Variant $variant): bool => $variant->choices === $choices) : $line->variant;
    }
}
