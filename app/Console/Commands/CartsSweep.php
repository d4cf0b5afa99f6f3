<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Cart;
use App\Models\CheckoutState;
use App\Models\PaymentState;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

final class CartsSweep extends Command
{
    /** So few that nobody waits long for a cart which is being erased beside their own. */
    private const BATCH = 200;

    /** As long as the cookie that opens them. */
    private const DAYS = 30;

    protected $signature = 'carts:sweep';

    protected $description = 'Erases carts with which nobody went on within 24 hours, and those that nobody touched for 30 days';

    public function handle(Clock $clock): int
    {
        $now = $clock->now();
        $erased = 0;
        do {
            $batch = $this->batch($now);
            // By id, each by itself: none is erased that somebody has gone on with since.
            foreach ($batch as $id) {
                $erased += $this->old($now)->whereKey($id)->toBase()->delete();
            }
        } while (count($batch) === self::BATCH);
        // Whoever follows one again within a day comes to the same cart.
        DB::table('hand_overs')->where('expires_at', '<', $now->subDay())->delete();
        $this->info("{$erased} carts erased.");

        return self::SUCCESS;
    }

    /** @return list<int> */
    private function batch(CarbonImmutable $now): array
    {
        return array_values(array_filter($this->old($now)->orderBy('id')->limit(self::BATCH)->pluck('id')->all(), is_int(...)));
    }

    /** @return Builder<Cart> */
    private function old(CarbonImmutable $now): Builder
    {
        return Cart::query()
            ->where(static fn (Builder $either) => $either
                ->where(static fn (Builder $untouched) => $untouched->whereNull('second_step_at')->where('created_at', '<', $now->subDay()))
                ->orWhere(static fn (Builder $touched) => $touched->where('second_step_at', '<', $now->subDays(self::DAYS))))
            // Whoever is paying just now keeps what is paid for.
            ->whereDoesntHave('checkouts', static fn (Builder $checkouts) => $checkouts->where('state', CheckoutState::Open)
                ->whereHas('payments', static fn (Builder $payments) => $payments->where('state', PaymentState::Open)));
    }
}
