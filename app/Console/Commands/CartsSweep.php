<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Cart;
use Illuminate\Console\Command;

final class CartsSweep extends Command
{
    private const BATCH = 1000;

    protected $signature = 'carts:sweep';

    protected $description = 'Erases carts with which nobody went on within 24 hours';

    public function handle(): int
    {
        $erased = 0;
        do {
            $batch = Cart::query()
                ->whereNull('second_step_at')
                ->where('created_at', '<', now()->subDay())
                ->limit(self::BATCH)
                ->delete();
            $erased += is_int($batch) ? $batch : 0;
        } while ($batch === self::BATCH);
        $this->info("{$erased} carts erased.");

        return self::SUCCESS;
    }
}
