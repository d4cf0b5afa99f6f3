<?php

declare(strict_types=1);

namespace App\Fulfilment;

/** What was given is given: nothing leaves the shop for it. */
final readonly class JustThanks implements Fulfils
{
    public function take(array $lines): array
    {
        return [];
    }

    public function handOver(array $lines, array $paid): void {}
}
