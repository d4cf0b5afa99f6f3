<?php

declare(strict_types=1);

namespace App\Offers;

use PaperKite\Offer\OfferState;
use RuntimeException;

/** Why an offer can't become what was asked for. */
final class OfferStays extends RuntimeException
{
    /** @param  non-empty-list<string>  $sentences */
    private function __construct(public readonly array $sentences)
    {
        parent::__construct(implode(' ', $sentences));
    }

    public static function cantBecome(OfferState $now, OfferState $next): self
    {
        return new self(["An offer that is {$now->value} can’t become {$next->value}."]);
    }

    /** @param  non-empty-list<string>  $sentences */
    public static function because(array $sentences): self
    {
        return new self($sentences);
    }
}
