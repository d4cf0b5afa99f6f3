<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** A SKU names other goods of the shop, or did so once and leads to them still. */
final class TakenSku extends RuntimeException
{
    public static function bySomethingElse(string $sku): self
    {
        return new self("Another product of this shop has the SKU “{$sku}”; choose a different one.");
    }

    public static function formerly(string $sku): self
    {
        return new self("Another product of this shop had the SKU “{$sku}” once, and links that name it lead there; choose a different one.");
    }
}
