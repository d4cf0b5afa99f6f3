<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Payment;
use App\Models\PaymentState;
use App\Payments\AskAgain;
use App\Time\Clock;
use Illuminate\Console\Command;

/** The provider's event may be lost and the shopper may never return: the shop asks by itself. */
final class PaymentsSweep extends Command
{
    /** How many at once; what is more comes a minute later. */
    private const BATCH = 100;

    protected $signature = 'payments:sweep';

    protected $description = 'Asks the provider about payments of which nothing was heard for ten minutes, an hour, a day';

    public function handle(AskAgain $ask, Clock $clock): int
    {
        $settled = $asked = 0;
        foreach (AskAgain::AFTER_MINUTES as $asks => $minutes) {
            $due = Payment::query()->where(['state' => PaymentState::Open, 'asks' => $asks])
                ->where('created_at', '<=', $clock->now()->subMinutes($minutes))
                ->orderBy('created_at')->limit(self::BATCH)->get();
            foreach ($due as $payment) {
                $asked++;
                $settled += $ask($payment)->state === PaymentState::Open ? 0 : 1;
            }
        }
        $this->info("{$asked} payments asked about, {$settled} of them settled or closed.");

        return self::SUCCESS;
    }
}
