<?php

declare(strict_types=1);

namespace App\Results;

use App\Database\OneAtATime;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;

/**
 * The labels of a shop's open links, each with a number by which clicks are counted. Anybody can type one into an address:
 * a shop keeps so many that it has not used itself, and counts what comes further as one, "other".
 */
final readonly class Labels
{
    /** Of labels that the shop has not used itself. */
    public const MOST_FOREIGN = 500;

    /** What further labels are counted as; it has no row. */
    public const OTHER = -1;

    public function __construct(
        private ConnectionInterface $db,
        private OneAtATime $oneAtATime,
    ) {}

    /**
     * Of a link that was followed; asked before any transaction.
     *
     * @param  string|null  $text  A-Z, a-z, 0-9, - _ . up to 40
     */
    public function idOf(Shop $shop, ?string $text): ?int
    {
        if ($text === null) {
            return null;
        }

        $known = $this->known($shop, $text);
        if ($known !== null) {
            return $known;
        }
        // Where no more fit, nobody waits for anybody; but the last to fit may have been this one, a moment ago.
        if (! $this->hasRoom($shop)) {
            return $this->known($shop, $text) ?? self::OTHER;
        }

        return ($this->oneAtATime)("labels of {$shop->id}", function () use ($shop, $text): int {
            if ($this->hasRoom($shop)) {
                $this->db->table('labels')->insertOrIgnore(['shop_id' => $shop->id, 'text' => $text, 'is_own' => false]);
            }

            return $this->known($shop, $text) ?? self::OTHER;
        });
    }

    /** The seller has built a link with it: it is kept, however many others there are. */
    public function keepOwn(Shop $shop, string $text): void
    {
        $this->db->table('labels')->upsert(['shop_id' => $shop->id, 'text' => $text, 'is_own' => true], ['shop_id', 'text'], ['is_own']);
    }

    private function hasRoom(Shop $shop): bool
    {
        return $this->db->table('labels')->where(['shop_id' => $shop->id, 'is_own' => false])->count() < self::MOST_FOREIGN;
    }

    private function known(Shop $shop, string $text): ?int
    {
        $id = $this->db->table('labels')->where(['shop_id' => $shop->id, 'text' => $text])->value('id');

        return is_int($id) ? $id : null;
    }
}
