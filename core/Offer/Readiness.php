<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** What a shop must have before it can be paid. */
final readonly class Readiness
{
    public function __construct(
        /** An account at the payment provider is set. */
        public bool $hasPayee,
        /** This installation is connected to a payment provider. */
        public bool $hasProvider,
    ) {}
}
