<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\ToldRefusal;
use PaperKite\Words\Catalogue\EnglishRefusals;

final class InvalidDetail extends ToldRefusal
{
    public const SENTENCES = EnglishRefusals::DETAIL;

    public static function country(): self
    {
        return new self('refused.country');
    }

    /** @param  int  $seats  for which a name is asked */
    public static function nobodyComes(int $seats): self
    {
        return new self($seats === 1 ? 'refused.who_comes' : 'refused.who_comes_each');
    }
}
