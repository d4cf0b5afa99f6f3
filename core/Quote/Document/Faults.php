<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Quote\Fault;
use PaperKite\Quote\Unquotable;

/** Collects what is wrong with the form of a document while it is read, so that all of it is told at once. */
final class Faults
{
    /** @var list<Fault> */
    private array $found = [];

    public function add(string $at, string $message): void
    {
        $this->found[] = new Fault($at, $message);
    }

    /** @throws Unquotable */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw Unquotable::because($this->found);
        }
    }
}
