<?php

declare(strict_types=1);

namespace App\Changes;

/** What a seller has changed, said in the transaction that changes it: whoever listens writes there what follows from it. */
final readonly class SomethingChanged
{
    public function __construct(
        public int $shopId,
        public Subject $kind,
        public int $subjectId,
    ) {}
}
