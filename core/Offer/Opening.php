<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** How what a click leads to is opened. */
enum Opening: string
{
    case SameTab = 'same_tab';
    case NewTab = 'new_tab';
    case PopOver = 'pop_over';
    case OwnPage = 'own_page';

    /** As the slot of the sentence reads. */
    public function words(): string
    {
        return match ($this) {
            self::SameTab => 'in the same tab',
            self::NewTab => 'in a new tab',
            self::PopOver => 'in a pop-over on the page',
            self::OwnPage => 'by way of a page of its own',
        };
    }

    /** Whether there is a page of the offer's own between the click and what comes of it, where no pop-over stands for it. */
    public function showsOffer(): bool
    {
        return $this === self::PopOver || $this === self::OwnPage;
    }

    public function note(): string
    {
        return match ($this) {
            self::SameTab => 'The page with the button gives way to the shop.',
            self::NewTab => 'The page with the button stays open. A plain link can’t do this; a button can.',
            self::PopOver => 'In a widget, pictures, text and choice open over the page where it stands; elsewhere the offer’s own page opens.',
            self::OwnPage => 'With its pictures and its text, and one button to go on: a step more.',
        };
    }
}
