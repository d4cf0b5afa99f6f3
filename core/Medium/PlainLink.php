<?php

declare(strict_types=1);

namespace PaperKite\Medium;

final readonly class PlainLink implements Medium
{
    public function key(): string
    {
        return 'link';
    }

    public function label(): string
    {
        return 'Link';
    }

    public function isLive(): bool
    {
        return true;
    }

    public function opensTabs(): bool
    {
        return false;
    }

    public function note(): string
    {
        return 'For a post, a profile, a message. It holds no words, so it follows every change.';
    }

    public function snippet(Placed $placed): string
    {
        return $placed->url;
    }
}
