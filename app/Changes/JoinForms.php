<?php

declare(strict_types=1);

namespace App\Changes;

use PaperKite\Edit\FormMerge;

/** Joins what is to be saved with what others have saved since its seller began. */
final readonly class JoinForms
{
    public function __construct(private FormVersions $versions) {}

    /**
     * @param  int  $seen  the version that the seller began with
     * @param  int  $now  the version that stands
     * @param  callable(array<mixed> $base): array<mixed>  $mine  what is to be saved, to be held against what it began with
     * @return JoinedForm|null `null` where nothing was saved since, or nobody knows what
     */
    public function __invoke(Edited $edited, int $seen, int $now, callable $mine): ?JoinedForm
    {
        if ($now === $seen) {
            return null;
        }
        $base = $this->versions->form($edited, $seen);
        $theirs = $this->versions->form($edited, $now);
        if ($base === null || $theirs === null) {
            return null;
        }
        $merge = FormMerge::of($base, $theirs, $mine($base));

        return new JoinedForm($now, $base, $merge->form, $merge->clashes);
    }
}
