<?php

declare(strict_types=1);

namespace App\Shops;

use App\Changes\Changed;
use App\Changes\ChangedMeanwhile;
use App\Changes\Edited;
use App\Changes\Editing;
use App\Changes\EditKind;
use App\Changes\SaveForm;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use PaperKite\Words\Language;

/** Keeps what a shop says in its own words, all of it at once. */
final readonly class SaveWords
{
    public function __construct(
        private ConnectionInterface $db,
        private SaveForm $saveForm,
        private Changed $changed,
    ) {}

    /**
     * @param  array<string, string>  $own  by the key of the phrase; those that are not in it are said as everywhere
     *
     * @throws ChangedMeanwhile
     */
    public function __invoke(Shop $shop, Language $language, array $own, Editing $editing): void
    {
        $rows = fn (): Builder => $this->db->table('shop_phrases')->where(['shop_id' => $shop->id, 'language' => $language->value]);
        $form = static fn (): object => (object) ['own' => (object) $rows()->orderBy('phrase')->pluck('text', 'phrase')->all()];
        ($this->saveForm)(Edited::setting(EditKind::Words, $shop), $editing, $form, function () use ($shop, $language, $own, $rows): void {
            $rows()->delete();
            $this->db->table('shop_phrases')->insert(array_map(static fn (string $key, string $text): array => ['shop_id' => $shop->id, 'language' => $language->value, 'phrase' => $key, 'text' => $text], array_keys($own), $own));
            $this->changed->shop($shop);
        });
    }
}
