<?php

declare(strict_types=1);

namespace App\Changes;

use PaperKite\Edit\FieldChange;

/** Two people's changes to a form, joined. */
final readonly class JoinedForm
{
    /**
     * @param  int  $version  the one that stands now
     * @param  array<mixed>  $base  what both began with
     * @param  array<mixed>  $form  what would be saved, with theirs where both changed a field
     * @param  list<FieldChange>  $clashes  from theirs to mine
     */
    public function __construct(
        public int $version,
        public array $base,
        public array $form,
        public array $clashes,
    ) {}
}
