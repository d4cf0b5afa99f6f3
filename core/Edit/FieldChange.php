<?php

declare(strict_types=1);

namespace PaperKite\Edit;

/** A field of a form that is another in two versions of it. */
final readonly class FieldChange
{
    /** @param  non-empty-list<string>  $path  from the whole form to the field */
    public function __construct(
        public array $path,
        /** `null`: not there. */
        public mixed $before,
        /** `null`: not there. */
        public mixed $after,
    ) {}

    public function label(): string
    {
        return FieldLabel::of($this->path);
    }
}
