<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\Subject;
use App\Models\Shop;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/**
 * Looks through the copies that a change may have made stale, some offers at a time.
 *
 * Ten changes of one thing are ten jobs and one row: the first job that comes through deletes the row, and the others
 * find nothing to do; a change while it looks makes it stop, since that change's own job begins anew.
 */
final class RecheckChanged implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    public string $queue = 'copies';

    public int $tries = 5;

    /**
     * @param  int  $after  the last offer that was looked at
     * @param  int|null  $seen  how often the subject had changed when the look began
     */
    public function __construct(
        public readonly int $shopId,
        public readonly Subject $kind,
        public readonly int $subjectId,
        public readonly int $after = 0,
        public readonly ?int $seen = null,
    ) {}

    /** @return list<int> seconds before the next try */
    public function backoff(): array
    {
        return [1, 5, 30, 60];
    }

    public function handle(ConnectionInterface $db, RecheckCopies $recheck): void
    {
        $changes = $this->row($db)->value('changes');
        if (! is_int($changes) || ($this->seen !== null && $this->seen !== $changes)) {
            return;
        }
        $last = $recheck->some(Shop::query()->findOrFail($this->shopId), $this->kind, $this->subjectId, $this->after);
        if ($last === null) {
            $this->row($db)->where('changes', $changes)->delete();
        } else {
            self::dispatch($this->shopId, $this->kind, $this->subjectId, $last, $changes);
        }
    }

    private function row(ConnectionInterface $db): Builder
    {
        return $db->table('rechecks')->where(['shop_id' => $this->shopId, 'kind' => $this->kind->value, 'subject_id' => $this->subjectId]);
    }
}
