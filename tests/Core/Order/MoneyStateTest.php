<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use PaperKite\Order\MoneyState;
use PHPUnit\Framework\TestCase;

final class MoneyStateTest extends TestCase
{
    public function test_money_goes_these_ways_and_no_others(): void
    {
        $ways = [];
        foreach (MoneyState::cases() as $from) {
            foreach (MoneyState::cases() as $to) {
                if ($from->canBecome($to)) {
                    $ways[] = "{$from->value} > {$to->value}";
                }
            }
        }

        self::assertSame([
            'authorised > paid', 'authorised > voided', 'paid > partly_refunded', 'paid > refunded', 'partly_refunded > partly_refunded', 'partly_refunded > refunded',
        ], $ways);
    }

    public function test_only_what_was_taken_and_not_given_back_whole_can_be_given_back(): void
    {
        self::assertSame([MoneyState::Paid, MoneyState::PartlyRefunded], array_values(array_filter(MoneyState::cases(), static fn (MoneyState $state): bool => $state->isRefundable())));
    }
}
