<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\FormVersion;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Edit\FormMerge;

/** What a form has said in each of its versions. */
final readonly class FormVersions
{
    public function __construct(private Clock $clock) {}

    /**
     * Keeps what a form said before, where nobody has, and says after a change, in the transaction that has claimed it.
     *
     * @param  int  $before  the version that is left
     * @param  array<mixed>  $standing  as it would have been sent unchanged
     * @param  array<mixed>  $now  as it would be sent unchanged after the change
     */
    public function keep(Edited $edited, int $before, Editing $editing, array $standing, array $now): void
    {
        $kept = $this->form($edited, $before);
        if ($kept === null) {
            $this->write($edited, $before, $standing, null, $this->clock->now());
        }
        // What has become another since without anybody's form, such as a stock that was sold from, is nobody's change.
        $this->write($edited, $before + 1, FormMerge::of($standing, $kept ?? $standing, $now)->withMine(), $editing->person?->id, $this->clock->now());
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
