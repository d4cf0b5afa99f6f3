<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The middle of a list costs what its first page costs: what comes before it is counted by blocks, or stands in one index. */
return new class extends Migration
{
    /** By table: the kind of its things (App\Finding\Kind), the state of a row, null where it is in no list, and its block. */
    private const LISTS = [
        'products' => [1, "IF(row.deleted_at IS NULL, IF(row.is_draft, 'draft', 'for_sale'), NULL)", '0'],
        'offers' => [2, 'row.state', '0'],
        'orders' => [3, "CONCAT(row.goods_state, '/', row.money_state)", '(row.number DIV 8192)'],
    ];

    public function up(): void
    {
        DB::statement("ALTER TABLE state_counts
            ADD COLUMN block INT UNSIGNED NOT NULL DEFAULT 0 COMMENT 'of orders, by their number; 0 where nobody turns so many pages' AFTER state,
            ADD INDEX state_counts_shop_id_kind_state_block_more_index (shop_id, kind, state, block, more),
            DROP INDEX state_counts_shop_id_kind_state_more_index");
        foreach (self::LISTS as $table => [$kind, $state, $block]) {
            $add = static fn (string $row, int $more): string => str_replace('row.', "{$row}.", "INSERT INTO state_counts (shop_id, kind, state, block, more) SELECT row.shop_id, {$kind}, {$state}, {$block}, {$more} FROM DUAL WHERE {$state} IS NOT NULL");
            [$was, $is] = array_map(static fn (string $row): string => str_replace('row.', "{$row}.", "({$state}, {$block})"), ['OLD', 'NEW']);
            // What is written while this is done is counted once.
            DB::statement("LOCK TABLES {$table} WRITE, {$table} AS row WRITE, state_counts WRITE");
            foreach (['come', 'go', 'change'] as $name) {
                DB::statement("DROP TRIGGER {$table}_{$name}");
            }
            DB::statement("DELETE FROM state_counts WHERE kind = {$kind}");
            DB::statement("INSERT INTO state_counts (shop_id, kind, state, block, more) SELECT row.shop_id, {$kind}, {$state} AS state, {$block} AS block, COUNT(*) FROM {$table} AS row GROUP BY row.shop_id, state, block HAVING state IS NOT NULL");
            DB::statement("CREATE TRIGGER {$table}_come AFTER INSERT ON {$table} FOR EACH ROW {$add('NEW', 1)}");
            DB::statement("CREATE TRIGGER {$table}_go AFTER DELETE ON {$table} FOR EACH ROW {$add('OLD', -1)}");
            DB::statement("CREATE TRIGGER {$table}_change AFTER UPDATE ON {$table} FOR EACH ROW IF NOT ({$was} <=> {$is}) THEN {$add('OLD', -1)}; {$add('NEW', 1)}; END IF");
            DB::statement('UNLOCK TABLES');
        }
        DB::statement('ALTER TABLE orders
            ADD INDEX orders_shop_id_goods_state_money_state_number_index (shop_id, goods_state, money_state, number),
            DROP INDEX orders_shop_id_goods_state_money_state_index');
        DB::statement("ALTER TABLE offers
            ADD COLUMN called VARCHAR(200) NOT NULL DEFAULT '' COMMENT 'as it is found; written with its words' AFTER clicks_lately,
            ADD INDEX offers_shop_id_is_archived_called_id_index (shop_id, is_archived, called, id),
            ADD INDEX offers_shop_id_state_called_id_index (shop_id, state, called, id)");
        DB::statement('UPDATE offers JOIN search_things ON search_things.kind = 2 AND search_things.thing_id = offers.id SET called = label');
        DB::statement('ALTER TABLE search_things DROP INDEX search_things_shop_id_kind_label_thing_id_index');
    }
};
