<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How many things are in which state is known without counting them: whoever writes one has written that, too. */
return new class extends Migration
{
    /** By table: the kind of its things (App\Finding\Kind), and the state of a row, null where it is in no list. */
    private const LISTS = [
        'products' => [1, "IF(row.deleted_at IS NULL, IF(row.is_draft, 'draft', 'for_sale'), NULL)"],
        'offers' => [2, 'row.state'],
        'orders' => [3, "CONCAT(row.goods_state, '/', row.money_state)"],
    ];

    public function up(): void
    {
        Schema::create('state_counts', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id')->comment('no key: whoever writes a thing must not wait for who changes the shop');
            $table->unsignedTinyInteger('kind')->comment('App\Finding\Kind');
            $table->string('state', 40)->charset('ascii')->collation('ascii_bin');
            $table->integer('more')->comment('negative: fewer');
            $table->index(['shop_id', 'kind', 'state', 'more']);
        });
        foreach (self::LISTS as $table => [$kind, $state]) {
            [$was, $is] = [str_replace('row.', 'OLD.', $state), str_replace('row.', 'NEW.', $state)];
            $add = "INSERT INTO state_counts (shop_id, kind, state, more) SELECT %s.shop_id, {$kind}, %s, %d FROM DUAL WHERE %s IS NOT NULL";
            $more = sprintf($add, 'NEW', $is, 1, $is);
            $fewer = sprintf($add, 'OLD', $was, -1, $was);
            // What is written while this is done is counted once.
            DB::statement("LOCK TABLES {$table} WRITE, {$table} AS row WRITE, state_counts WRITE");
            DB::statement("INSERT INTO state_counts (shop_id, kind, state, more) SELECT row.shop_id, {$kind}, {$state} AS state, COUNT(*) FROM {$table} AS row GROUP BY row.shop_id, state HAVING state IS NOT NULL");
            DB::statement("CREATE TRIGGER {$table}_come AFTER INSERT ON {$table} FOR EACH ROW {$more}");
            DB::statement("CREATE TRIGGER {$table}_go AFTER DELETE ON {$table} FOR EACH ROW {$fewer}");
            DB::statement("CREATE TRIGGER {$table}_change AFTER UPDATE ON {$table} FOR EACH ROW IF NOT ({$was} <=> {$is}) THEN {$fewer}; {$more}; END IF");
            DB::statement('UNLOCK TABLES');
        }
    }
};
