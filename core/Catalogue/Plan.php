<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;
use PaperKite\Time\Interval;

/** A product paid for at regular distances. */
final readonly class Plan
{
    public function __construct(
        public string $code,
        public Price $price,
        public Interval $interval,
        /** Paid once, today. */
        public ?Money $signUp = null,
        /** Days before the first payment; `null`: it is paid today. */
        public ?int $trialDays = null,
        /** How many payments there are in all; `null`: until it is cancelled. */
        public ?int $payments = null,
    ) {}

    public function beginsWithTrial(): bool
    {
        return $this->trialDays !== null;
    }
}
