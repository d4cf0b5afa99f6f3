<?php

declare(strict_types=1);

namespace PaperKite\Quote;

/** A zone's fees in bands, each reaching to where the next begins. */
final readonly class ShippingTable
{
    /** @param  non-empty-list<ShippingBand>  $bands  rising, the first from 0 */
    public function __construct(
        public ShippingMeasure $by,
        public array $bands,
        /** As much still ships, more doesn't; `null`: anything ships. */
        public ?int $limit,
    ) {}

    public function reaches(int $measured): bool
    {
        return $this->limit === null || $measured <= $this->limit;
    }

    /** @return int the place of the band in the table */
    public function bandFor(int $measured): int
    {
        $found = 0;
        foreach ($this->bands as $i => $band) {
            if ($band->from <= $measured) {
                $found = $i;
            }
        }

        return $found;
    }
}
