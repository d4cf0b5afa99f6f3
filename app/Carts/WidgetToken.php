<?php

declare(strict_types=1);

namespace App\Carts;

use App\Text\Secrets;

/**
 * What opens the cart of the widgets of a page: 128 random bits that the page keeps. It opens no cart of the shop's own
 * pages, and a cookie of theirs opens none of a widget.
 */
final readonly class WidgetToken
{
    private function __construct(
        public string $text,
        private bool $isNew,
    ) {}

    public static function fresh(): self
    {
        return new self(Secrets::token(), true);
    }

    /** @return self|null `null` where it can't be one */
    public static function read(string $text): ?self
    {
        return preg_match('/\A[A-Za-z0-9_-]{22}\z/', $text) === 1 ? new self($text, false) : null;
    }

    public function owner(): CartOwner
    {
        return new CartOwner(hash('sha256', "widget|{$this->text}"), $this->isNew);
    }
}
