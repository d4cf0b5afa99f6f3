<?php

declare(strict_types=1);

namespace App\Payments;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Work at the payment provider, which is asked again until it answers. Each question is safe to repeat. */
abstract class ProviderJob implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    /** Others wait in queues of their own: a slow mailer does not stand in the way of money. */
    public string $queue = 'money';

    /** No end: money that is held must be taken or given back. */
    public int $tries = 0;

    /** @return list<int> seconds before the next try; the last one repeats */
    public function backoff(): array
    {
        return [1, 5, 15, 60, 300];
    }
}
