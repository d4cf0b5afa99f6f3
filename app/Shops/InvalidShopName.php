<?php

declare(strict_types=1);

namespace App\Shops;

use InvalidArgumentException;
use PaperKite\Refusal;

final class InvalidShopName extends InvalidArgumentException implements Refusal
{
    public static function slugTaken(string $slug): self
    {
        return new self("“{$slug}” is taken by another shop; choose another.");
    }

    public static function hostTaken(string $host): self
    {
        return new self("“{$host}” is taken; choose another.");
    }

    /** @param  list<string>  $suffixes  below which a seller may choose */
    public static function hostOfOperator(string $host, array $suffixes): self
    {
        $free = $suffixes === [] ? '' : ', or choose one right below '.implode(' or ', $suffixes);

        return new self("Only whoever runs this server can give a shop the host “{$host}”; ask them{$free}.");
    }

    public static function tooOften(int $perDay): self
    {
        return new self("A shop can take new addresses {$perDay} times a day; nothing was changed, try again tomorrow.");
    }
}
