<?php

declare(strict_types=1);

namespace App\Partners;

use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Partner\Item;
use PaperKite\Partner\Writing\TheirWords;

/** What marketplaces write of items whose pages were looked at, so that a shop's own words can be held against it. */
final readonly class SeenPages
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    public function keep(int $shopId, int $marketplaceId, Item $item, TheirWords $words): void
    {
        $this->db->table('seen_pages')->upsert(
            ['shop_id' => $shopId, 'marketplace_id' => $marketplaceId, 'item' => self::key($item), 'title' => $words->title, 'text' => $words->text, 'seen_at' => $this->clock->now()],
            ['marketplace_id', 'item'],
            ['title', 'text', 'seen_at'],
        );
    }

    public function find(int $marketplaceId, Item $item): ?TheirWords
    {
        $row = $this->db->table('seen_pages')->where(['marketplace_id' => $marketplaceId, 'item' => self::key($item)])->first(['title', 'text']);

        /** @var object{title: string, text: string}|null $row */
        return $row === null ? null : new TheirWords($row->title, $row->text);
    }

    private static function key(Item $item): string
    {
        return hash('sha256', json_encode($item->reference, JSON_THROW_ON_ERROR));
    }
}
