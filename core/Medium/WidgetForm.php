<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** How much a widget shows beside its button. */
enum WidgetForm: string
{
    case Button = 'button';
    case Price = 'price';
    case Picture = 'picture';
    case Story = 'story';

    public function label(): string
    {
        return match ($this) {
            self::Button => 'Button',
            self::Price => 'Button with the price',
            self::Picture => 'Picture, text, price and button',
            self::Story => 'Everything: pictures, long text, choice and button',
        };
    }
}
