<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\StateWords;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** What a product says of the buttons beside it, where that differs from the shop. */
final readonly class ProductButtons
{
    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        /** @var array<string, string> sets by the value of the surface, captions by that of the destination; what is not said is left out */
        public array $said,
    ) {}

    public static function read(FormInput $typed): self
    {
        $wrong = new FieldErrors;
        $said = array_map(static fn (ButtonSet $set): string => $set->value, ShopfrontEntry::buttons($typed));
        foreach ([Onwards::Cart, Onwards::Pay] as $destination) {
            $caption = $wrong->at($typed->path($destination->value), static fn () => StateWords::read(ButtonState::Idle, $typed->text($destination->value)));
            if ($caption !== null) {
                $said[$destination->value] = $caption;
            }
        }

        return new self($wrong->all(), $said);
    }
}
