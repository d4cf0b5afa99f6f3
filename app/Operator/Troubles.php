<?php

declare(strict_types=1);

namespace App\Operator;

use App\Models\Order;
use App\Models\Payment;
use App\Models\Refund;
use App\Models\Shop;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use PaperKite\Payment\RefundState;

/** What stands in a shop's way without anybody having pressed anything: the provider is silent, nothing is sent, the disk is full. */
final readonly class Troubles
{
    /** After so long, what should happen by itself within seconds is late. */
    private const LATE_MINUTES = 5;

    private const LEAST_FREE_BYTES = 200 * 1024 * 1024;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private string $folder,
        private string $spool,
    ) {}

    /** @return list<string> a sentence each: what is the matter, since when, and what to do */
    public function of(Shop $shop): array
    {
        $late = $this->clock->now()->subMinutes(self::LATE_MINUTES);

        return array_values(array_filter([
            $this->uncollected($shop, $late),
            $this->notGivenBack($shop, $late),
            $this->notRefunded($shop, $late),
            $this->queue($shop, $late),
            $this->disk(),
        ], static fn (?string $sentence): bool => $sentence !== null));
    }

    private function uncollected(Shop $shop, CarbonImmutable $late): ?string
    {
        $orders = Order::query()->where('shop_id', $shop->id)->where('money_state', MoneyState::Authorised)->where('goods_state', '<>', GoodsState::Cancelled)->where('placed_at', '<=', $late)
            // What the provider has refused is told by itself.
            ->whereDoesntHave('payments.refusals')->orderBy('placed_at')->limit(100)->get(['id', 'placed_at']);

        return $orders->isEmpty() ? null : $this->payments($orders->count(), 'held but not collected', $orders[0]?->placed_at, $shop);
    }

    private function notGivenBack(Shop $shop, CarbonImmutable $late): ?string
    {
        $payments = Payment::query()->where('shop_id', $shop->id)->whereNull('voided_at')->where('void_wanted_at', '<=', $late)
            ->orderBy('void_wanted_at')->limit(100)->get(['id', 'void_wanted_at']);

        return $payments->isEmpty() ? null : $this->payments($payments->count(), 'to be given back and are not', $payments[0]?->void_wanted_at, $shop);
    }

    private function notRefunded(Shop $shop, CarbonImmutable $late): ?string
    {
        $refunds = Refund::query()->where('state', RefundState::Pending)->where('asked_at', '<=', $late)
            ->whereIn('order_id', Order::query()->where('shop_id', $shop->id)->select('id'))->orderBy('asked_at')->limit(100)->get(['id', 'asked_at']);
        $what = $refunds->count() === 1 ? 'One refund has not been made' : "{$refunds->count()} refunds have not been made";

        return $refunds->isEmpty() ? null : "{$what} yet, ".($refunds->count() === 1 ? '' : 'the oldest asked for ')."since {$this->shown($refunds[0]?->asked_at, $shop)}: the payment provider has not said yes or no. It is asked again every five minutes; there is nothing to do.";
    }

    private function payments(int $count, string $what, ?CarbonImmutable $since, Shop $shop): string
    {
        [$how, $oldest] = $count === 1 ? ['One payment is '.str_replace('are not', 'is not', $what), ''] : ["{$count} payments are {$what}", 'the oldest '];

        return "{$how} yet, {$oldest}since {$this->shown($since, $shop)}: the payment provider does not answer. It is asked again every five minutes; there is nothing to do.";
    }

    private function queue(Shop $shop, CarbonImmutable $late): ?string
    {
        $oldest = $this->db->table('jobs')->whereNull('reserved_at')->min('available_at');

        return is_int($oldest) && $oldest <= $late->getTimestamp()
            ? "Nothing has been sent or collected since {$this->shown(CarbonImmutable::createFromTimestampUTC($oldest), $shop)}: the program that does it is not running. Orders go on and nothing is lost. Tell whoever runs this server."
            : null;
    }

    private function disk(): ?string
    {
        return $this->isNearlyFull($this->folder) || $this->isNearlyFull($this->spool)
            ? 'The server’s disk is nearly full: orders go on, but pictures can’t be kept, clicks may not be counted, and mail may be late. Tell whoever runs this server.'
            : null;
    }

    private function isNearlyFull(string $folder): bool
    {
        $free = is_dir($folder) ? disk_free_space($folder) : false;

        return $free !== false && $free < self::LEAST_FREE_BYTES;
    }

    private function shown(?CarbonImmutable $at, Shop $shop): string
    {
        return $at === null ? '' : $at->setTimezone($shop->zone())->format('j F, H:i');
    }
}
