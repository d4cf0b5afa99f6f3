<?php

declare(strict_types=1);

namespace PaperKite\Refund;

/** What is given back of a line, or of shipping: for pieces that come back, or for none. */
final readonly class Share
{
    /** @param  int<0, max>  $pieces */
    public function __construct(
        public int $pieces,
        public Portion $portion,
    ) {}
}
