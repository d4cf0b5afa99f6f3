<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Models\Person;
use PaperKite\Money\Money;
use PaperKite\Refund\Wish;

/** What a seller has decided to give back, and what they were told that it comes to. */
final readonly class RefundRequested
{
    public function __construct(
        /** Named by the page it is done on: done twice, it is the same act. */
        public string $act,
        public Wish $wish,
        public Money $shown,
        public string $reason,
        /** Whether the pieces that come back can be sold again. */
        public bool $isRestocked,
        public ?Person $person,
    ) {}
}
