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
        /** @var array<string, string> sets by the value of the surface, captions by those of the surface and the destination: "list_cart"; what is not said is left out */
        public array $said,
    ) {}

    public static function read(FormInput $typed): self
    {
        $wrong = new FieldErrors;
        $said = array_map(static fn (ButtonSet $set): string => $set->value, ShopfrontEntry::buttons($typed));
        foreach (Surface::cases() as $surface) {
            foreach ([Onwards::Cart, Onwards::Pay] as $destination) {
                $key = self::captionAt($surface, $destination);
                $caption = $wrong->at($typed->path($key), static fn () => StateWords::read(ButtonState::Idle, $typed->text($key)));
                if ($caption !== null) {
                    $said[$key] = $caption;
                }
            }
        }

        return new self($wrong->all(), $said);
    }

    /** Under which a caption is kept. */
    public static function captionAt(Surface $surface, Onwards $destination): string
    {
        return "{$surface->value}_{$destination->value}";
    }
}
