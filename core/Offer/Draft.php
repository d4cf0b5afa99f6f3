<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\Product;
use PaperKite\Quote\Quantity;
use PaperKite\Refusal;

/** What stands on the desk, right or wrong, before it is an offer. */
final readonly class Draft
{
    public function __construct(
        /** `null` where the product that was picked is not in the shop. */
        public ?Product $product,
        /** As typed. */
        public string $quantity,
        public Destination $destination,
        public CartUse $cartUse,
        /** As typed; blank for the destination's own caption. */
        public string $caption,
        public Readiness $shop,
    ) {}

    public function offer(Product $product): Offer
    {
        return new Offer(
            $product,
            self::orElse(fn () => Quantity::fromEntry($this->quantity, Offer::LARGEST_QUANTITY), Quantity::of(1)),
            $this->destination,
            $this->cartUse,
            self::orElse(fn () => Offer::captionFromEntry($this->caption), null),
        );
    }

    /**
     * The proof goes on with the default while a slot holds something wrong; the finding at the slot says so.
     *
     * @template T
     * @template D
     *
     * @param  callable(): T  $read
     * @param  D  $default
     * @return T|D
     */
    private static function orElse(callable $read, mixed $default): mixed
    {
        try {
            return $read();
        } catch (Refusal) {
            return $default;
        }
    }
}
