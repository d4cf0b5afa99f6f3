<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Models\RefusedEvent;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RefusedEvent', description: 'What is wrong about a payment: a message that was not believed, or a refusal.')]
final readonly class RefusedEventResource
{
    private function __construct(
        #[OA\Property(description: 'The payment it was about, as the provider names it.')]
        public ?string $payment,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public int $times,
        #[OA\Property(format: 'date-time')]
        public string $last_at,
    ) {}

    public static function of(RefusedEvent $event): self
    {
        return new self($event->payment->provider_id, $event->reason, $event->times, $event->last_at->toIso8601ZuluString());
    }
}
