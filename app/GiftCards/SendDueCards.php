<?php

declare(strict_types=1);

namespace App\GiftCards;

use App\Database\InTransaction;
use App\Models\GiftCard;
use App\Time\Clock;
use Carbon\CarbonImmutable;

/** Sends the cards whose day has come, by their shops’ clocks, each once. */
final readonly class SendDueCards
{
    private const AT_ONCE = 200;

    public function __construct(
        private SendCard $send,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** @return int how many */
    public function __invoke(): int
    {
        $now = $this->clock->now();
        $sent = 0;
        // Somewhere it is tomorrow already. All are read, so that those that wait for their own midnight hold up nobody.
        $due = GiftCard::query()->whereNull('sent_at')->whereNull('voided_at')->where('balance_minor', '>', 0)->where('send_on', '<=', $now->addDay()->toDateString())->with('line.order.shop')->lazyById(self::AT_ONCE);
        foreach ($due as $card) {
            if ($card->send_on !== null && $card->send_on->toDateString() <= CarbonImmutable::instance($now)->setTimezone($card->line->order->shop->zone())->toDateString()) {
                $sent += ($this->inTransaction)(fn (): int => $this->once($card));
            }
        }

        return $sent;
    }

    private function once(GiftCard $card): int
    {
        $locked = GiftCard::query()->whereKey($card->id)->whereNull('sent_at')->whereNull('voided_at')->lockForUpdate()->first();
        if ($locked === null) {
            return 0;
        }
        ($this->send)($locked->setRelation('line', $card->line));

        return 1;
    }
}
