<?php

declare(strict_types=1);

namespace App\Deleting;

use Carbon\CarbonImmutable;

/** Something that was deleted, and can be taken back. */
final readonly class Deleted
{
    public function __construct(
        public Deletable $kind,
        public int $id,
        public string $name,
        public CarbonImmutable $at,
    ) {}
}
