<?php

declare(strict_types=1);

namespace App\Shops;

use InvalidArgumentException;
use PaperKite\Refusal;

final class InvalidShopName extends InvalidArgumentException implements Refusal
{
    public static function slug(string $slug): self
    {
        return new self('“'.mb_strimwidth(mb_scrub($slug, 'UTF-8'), 0, 50, '…', 'UTF-8').'” can’t stand in an address; use 2 to 40 small letters, digits and single hyphens.');
    }

    public static function slugTaken(string $slug): self
    {
        return new self("“{$slug}” is taken by another shop; choose another.");
    }

    public static function host(string $host): self
    {
        return new self('“'.mb_strimwidth(mb_scrub($host, 'UTF-8'), 0, 80, '…', 'UTF-8').'” is not a host name; write it like shop.fern.example, without scheme and port.');
    }

    public static function hostTaken(string $host): self
    {
        return new self("“{$host}” is taken; choose another.");
    }
}
