<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Words\Said;

/** Something because of which there is no receipt: where it is, and what to do about it. */
final readonly class Fault
{
    public function __construct(
        /** The path of the key in the quote document: `cart[0].plan`. */
        public string $at,
        /** In English, for whoever wrote the document. */
        public string $message,
        /** To a shopper; `null` for what a shopper can't be told. */
        public ?Said $said = null,
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
