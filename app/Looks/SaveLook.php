<?php

declare(strict_types=1);

namespace App\Looks;

use App\Changes\Changed;
use App\Changes\ChangedMeanwhile;
use App\Changes\Edited;
use App\Changes\Editing;
use App\Changes\EditKind;
use App\Changes\SaveForm;
use App\Database\InTransaction;
use App\Models\Look;
use App\Models\Person;
use App\Models\Shop;
use Carbon\CarbonInterface;
use Closure;
use Illuminate\Validation\ValidationException;
use PaperKite\Look\LookEntry;

/** Writes a look, keeps what it was before, and holds the copies that show it against what it is now. */
final readonly class SaveLook
{
    public function __construct(
        private Changed $changed,
        private SaveForm $saveForm,
        private ReadLooks $looks,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @param  Look|null  $look  the one that is changed; `null` for a new one
     *
     * @throws ChangedMeanwhile
     */
    public function __invoke(Shop $shop, ?Look $look, LookEntry $entry, Editing $editing): Look
    {
        $saved = $look === null
            ? ($this->inTransaction)(fn (): Look => $shop->looks()->create($this->checked($shop, null, $entry)))
            : $this->changed($shop, $look, $editing, fn (Look $locked): array => $this->checked($shop, $locked, $entry));
        foreach (array_filter([$saved->values->picture?->path, $saved->values->iconPicture?->path]) as $path) {
            NamedPicture::keep($shop, $path);
        }

        return $saved;
    }

    public function putBack(Shop $shop, Look $look, ?Person $person): void
    {
        $this->changed($shop, $look, new Editing($person, null), static fn (Look $locked): array => $locked->earlier === null ? [] : ['values' => $locked->earlier]);
    }

    /**
     * @param  Closure(Look): array<string, mixed>  $into  what it becomes; nothing: it stays
     *
     * @throws ChangedMeanwhile
     */
    private function changed(Shop $shop, Look $look, Editing $editing, Closure $into): Look
    {
        $form = fn (): LookForm => self::form($this->locked($look));

        return ($this->saveForm)(Edited::thing(EditKind::Look, $shop, $look->id), $editing, $form, function () use ($look, $into): Look {
            $locked = $this->locked($look);
            $attributes = $into($locked);
            if ($attributes !== []) {
                $locked->update([...$attributes, 'earlier' => $locked->values]);
                $this->changed->look($locked);
            }

            return $locked;
        });
    }

    /** @return array<string, mixed> */
    private function checked(Shop $shop, ?Look $look, LookEntry $entry): array
    {
        $errors = $entry->errors;
        $namesake = $entry->name === null ? null : Look::withDeleted()->where(['shop_id' => $shop->id, 'name' => $entry->name])->whereKeyNot($look->id ?? 0)->lockForUpdate()->first();
        if ($namesake !== null) {
            $errors['name'] = $namesake->deleted_at === null ? "There is a look called “{$namesake->name}” already; choose another name." : "A look called “{$namesake->name}” was deleted; take it back, or choose another name.";
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }

        return ['name' => $entry->name, 'values' => $entry->look];
    }

    private static function form(Look $look): LookForm
    {
        return LookForm::of($look->name, $look->values);
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
            if ($since !== null && ($this->looks)($shop->refresh())->usual()->id === $look->id) {
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
