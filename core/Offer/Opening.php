<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** How what a click leads to is opened. */
enum Opening: string
{
    case SameTab = 'same_tab';
    case NewTab = 'new_tab';
    case OwnPage = 'own_page';

    /** As the slot of the sentence reads. */
    public function words(): string
    {
        return match ($this) {
            self::SameTab => 'in the same tab',
            self::NewTab => 'in a new tab',
            self::OwnPage => 'by way of a page of its own',
        };
    }

    public function note(): string
    {
        return match ($this) {
            self::SameTab => 'The page with the button gives way to the shop.',
            self::NewTab => 'The page with the button stays open. A plain link can’t do this; a button can.',
            self::OwnPage => 'With its pictures and its text, and one button to go on: a step more.',
        };
    }
}
