<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\FormVersion;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Edit\FormMerge;

/** What a form has said in each of its versions. */
final readonly class FormVersions
{
    public function __construct(private Clock $clock) {}

    /**
     * Does a change, in the transaction that has claimed it, and keeps what the form said before, where nobody has, and
     * says after.
     *
     * @template T
     *
     * @param  int  $before  the version that is left
     * @param  Closure(): array<mixed>  $form  as it would be sent unchanged, read anew each time
     * @param  Closure(): T  $change
     * @return T
     */
    public function keep(Edited $edited, int $before, Editing $editing, Closure $form, Closure $change): mixed
    {
        $standing = $form();
        $kept = $this->form($edited, $before);
        if ($kept === null) {
            $this->write($edited, $before, $standing, null, $this->clock->now());
        }
        $changed = $change();
        // What has become another since without anybody's form, such as a stock that was sold from, is nobody's change.
        $this->write($edited, $before + 1, FormMerge::of($standing, $kept ?? $standing, $form())->withMine(), $editing->person?->id, $this->clock->now());

        return $changed;
    }

    /** @return array<mixed>|null `null` where it was not kept */
    public function form(Edited $edited, int $version): ?array
    {
        return $this->of($edited)->where('version', $version)->first()?->form;
    }

    /** @return Builder<FormVersion> */
    public function of(Edited $edited): Builder
    {
        return FormVersion::query()->where($edited->key());
    }

    /** @param  array<mixed>  $form */
    private function write(Edited $edited, int $version, array $form, ?int $person, CarbonImmutable $at): void
    {
        FormVersion::query()->create([...$edited->key(), 'version' => $version, 'form' => $form, 'person_id' => $person, 'at' => $at]);
    }
}
