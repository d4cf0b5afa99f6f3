<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Person;

/** Who saves a form, and which version of it was there when they began. */
final readonly class Editing
{
    /**
     * @param  Person|null  $person  `null`: a command
     * @param  int|null  $seen  `null`: to write over whatever is there
     */
    public function __construct(
        public ?Person $person,
        public ?int $seen,
    ) {}

    public static function byCommand(): self
    {
        return new self(null, null);
    }

    /** Whether somebody else has saved it since. */
    public function isBehind(int $version): bool
    {
        return $this->seen !== null && $this->seen !== $version;
    }
}
