<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Catalogue\Quantity;
use PaperKite\Refusal;
use PaperKite\Text\Line;

/** The question how many, put to the shopper. */
final readonly class Ask
{
    public const LONGEST_LABEL = 40;

    public const USUAL_LABEL = 'How many';

    private function __construct(
        public string $label,
        public int $least,
        public int $most,
    ) {}

    /** @throws InvalidAsk */
    public static function of(string $label, int $least, int $most): self
    {
        if ($least < 1 || $most > Offer::LARGEST_QUANTITY || $least >= $most) {
            throw InvalidAsk::limits($least, $most);
        }

        return new self($label, $least, $most);
    }

    /**
     * @param  string  $label  blank for the usual one
     *
     * @throws Refusal
     */
    public static function fromEntry(string $label, string $least, string $most): self
    {
        return self::of(
            trim($label, ' ') === '' ? self::USUAL_LABEL : Line::of($label, 'The question', self::LONGEST_LABEL)->text,
            Quantity::fromEntry($least, Offer::LARGEST_QUANTITY)->pieces,
            Quantity::fromEntry($most, Offer::LARGEST_QUANTITY)->pieces,
        );
    }

    /** @throws InvalidQuantity where the shopper's answer is not within the limits */
    public function answer(string $typed): Quantity
    {
        return Quantity::fromEntry($typed, $this->most, $this->least);
    }
}
