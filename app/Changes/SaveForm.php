<?php

declare(strict_types=1);

namespace App\Changes;

use App\Database\InTransaction;
use Closure;

/**
 * Saves a form over the version that its seller began with, and keeps what it said before and says now. Whoever sends
 * again what stands there already, for want of an answer, makes no version of it.
 */
final readonly class SaveForm
{
    public function __construct(
        private Edits $edits,
        private FormVersions $versions,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @template T
     *
     * @param  Closure(): object  $form  as it would be sent unchanged, read anew each time
     * @param  Closure(): T  $change
     * @return T
     *
     * @throws ChangedMeanwhile
     */
    public function __invoke(Edited $edited, Editing $editing, Closure $form, Closure $change): mixed
    {
        return ($this->inTransaction)(function () use ($edited, $editing, $form, $change): mixed {
            $before = $this->edits->claim($edited, $editing);

            $standing = self::sent($form());
            $changed = $change();
            $now = self::sent($form());
            if ($now !== $standing) {
                $this->versions->keep($edited, $before, $editing, $standing, $now);
                $this->edits->count($edited, $before, $editing);
            }

            return $changed;
        });
    }

    /** @return array<mixed> */
    private static function sent(object $form): array
    {
        $sent = json_decode(json_encode($form, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);

        return is_array($sent) ? $sent : [];
    }
}
