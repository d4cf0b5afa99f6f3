<?php

declare(strict_types=1);

namespace App\Deleting;

use RuntimeException;

/** Why something can't be deleted, or taken back. */
final class CantDelete extends RuntimeException
{
    public static function notThere(): self
    {
        return new self('This is no longer there; load the page again.');
    }

    public static function ordered(string $name): self
    {
        return new self("“{$name}” was ordered, and stays for its orders; make it a draft, and no shopper sees it any more.");
    }

    public static function defaultLook(): self
    {
        return new self('This look is worn by offers that name none; make another one the default first.');
    }

    public static function wornLook(int $offers): self
    {
        return new self(($offers === 1 ? 'An offer wears' : "{$offers} offers wear").' this look; give '.($offers === 1 ? 'it' : 'them').' another one first.');
    }

    public static function tooLongAgo(): self
    {
        return new self('It was deleted more than '.Deletable::DAYS.' days ago, and can’t be taken back any more.');
    }
}
