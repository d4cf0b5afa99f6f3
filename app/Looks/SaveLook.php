<?php

declare(strict_types=1);

namespace App\Looks;

use App\Changes\Changed;
use App\Database\InTransaction;
use App\Models\Look;
use App\Models\Shop;
use App\Offers\LookBook;
use Carbon\CarbonInterface;
use Illuminate\Validation\ValidationException;
use PaperKite\Look\LookEntry;

/** Writes a look, keeps what it was before, and holds the copies that show it against what it is now. */
final readonly class SaveLook
{
    public function __construct(
        private Changed $changed,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @param  Look|null  $look  the one that is changed; `null` for a new one
     * @param  int|null  $seen  the version that the seller began with
     */
    public function __invoke(Shop $shop, ?Look $look, LookEntry $entry, ?int $seen): Look
    {
        return ($this->inTransaction)(function () use ($shop, $look, $entry, $seen): Look {
            $errors = $entry->errors;
            $namesake = $entry->name === null ? null : $shop->looks()->where('name', $entry->name)->whereKeyNot($look->id ?? 0)->lockForUpdate()->first();
            if ($namesake !== null) {
                $errors['name'] = "There is a look called “{$namesake->name}” already; choose another name.";
            }
            if ($errors !== []) {
                throw ValidationException::withMessages($errors);
            }
            if ($look === null) {
                return $shop->looks()->create(['name' => $entry->name, 'values' => $entry->look]);
            }
            $locked = $this->locked($look);
            if ($seen !== null && $seen !== $locked->version) {
                throw ValidationException::withMessages(['name' => 'Somebody else has changed this look meanwhile; load it again and make your changes once more.']);
            }
            $locked->update(['name' => $entry->name, 'values' => $entry->look, 'earlier' => $locked->values, 'version' => $locked->version + 1]);
            $this->changed->look($locked);

            return $locked;
        });
    }

    public function putBack(Shop $shop, Look $look): void
    {
        ($this->inTransaction)(function () use ($look): void {
            $locked = $this->locked($look);
            if ($locked->earlier !== null) {
                $locked->update(['values' => $locked->earlier, 'earlier' => $locked->values, 'version' => $locked->version + 1]);
                $this->changed->look($locked);
            }
        });
    }

    public function makeUsual(Shop $shop, Look $look): void
    {
        ($this->inTransaction)(function () use ($shop, $look): void {
            $this->locked($look)->update(['put_away_at' => null]);
            Shop::query()->whereKey($shop->id)->update(['look_id' => $look->id]);
            // What named no look wears another one now.
            $this->changed->shop($shop);
        });
    }

    /** @param  CarbonInterface|null  $since  `null`: it is brought back */
    public function putAway(Shop $shop, Look $look, ?CarbonInterface $since): void
    {
        ($this->inTransaction)(function () use ($shop, $look, $since): void {
            $locked = $this->locked($look);
            if ($since !== null && LookBook::of($shop->refresh())->usual()->id === $look->id) {
                throw ValidationException::withMessages(['is_away' => 'This look is used where nothing is said; use another one there first.']);
            }
            $locked->update(['put_away_at' => $since]);
        });
    }

    private function locked(Look $look): Look
    {
        return Look::query()->whereKey($look->id)->lockForUpdate()->firstOrFail();
    }
}
