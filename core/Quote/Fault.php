<?php

declare(strict_types=1);

namespace PaperKite\Quote;

/** Something because of which there is no receipt: where it is, and what to do about it. */
final readonly class Fault
{
    public function __construct(
        /** The path of the key in the quote document: `cart[0].plan`. */
        public string $at,
        public string $message,
    ) {}

    /**
     * @param  non-empty-list<self>  $faults
     * @return non-empty-list<self>
     */
    public static function withoutRepeats(array $faults): array
    {
        $found = [];
        foreach ($faults as $fault) {
            $found["{$fault->at} {$fault->message}"] = $fault;
        }

        return array_values($found);
    }
}
