<?php

declare(strict_types=1);

namespace Standins\pay;

/** An event that is to reach a shop. */
final readonly class PromisedDelivery
{
    public function __construct(
        public int $id,
        public string $event,
        public string $url,
        public string $body,
        public int $is_forged,
        public int $attempts,
    ) {}
}
