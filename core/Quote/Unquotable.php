<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use DomainException;
use PaperKite\Refusal;

/** Why nothing was computed: every reason at once. */
final class Unquotable extends DomainException implements Refusal
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode(' ', array_map(static fn (Fault $fault): string => $fault->message, $faults)));
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function because(array $faults): self
    {
        return new self($faults);
    }
}
