<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use Closure;

/** What an offer must know of the shop that makes it. */
final readonly class ShopSetting
{
    /**
     * @param  Closure(string): bool  $allows  whether a shopper may be led to this address
     * @param  list<string>  $places  the names of the offer's placements
     */
    public function __construct(
        /** An account at the payment provider is set. */
        public bool $hasPayee,
        /** This installation is connected to a payment provider. */
        public bool $hasProvider,
        /** What the shop's buttons say everywhere. */
        public ShopWords $words,
        private Closure $allows,
        public array $places = [],
    ) {}

    public function allows(string $address): bool
    {
        return ($this->allows)($address);
    }
}
