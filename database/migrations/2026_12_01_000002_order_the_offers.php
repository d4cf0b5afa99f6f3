<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Each order of the list of offers is one of an index. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("ALTER TABLE offers
            ADD COLUMN is_archived TINYINT(1) AS (state = 'archived') PERSISTENT AFTER state,
            ADD COLUMN clicks_lately INT UNSIGNED NOT NULL DEFAULT 0 COMMENT 'in as many days as its row shows, as far as added up' AFTER is_archived,
            ADD INDEX offers_shop_id_is_archived_updated_at_id_index (shop_id, is_archived, updated_at, id),
            ADD INDEX offers_shop_id_is_archived_clicks_lately_id_index (shop_id, is_archived, clicks_lately, id),
            ADD INDEX offers_shop_id_state_updated_at_id_index (shop_id, state, updated_at, id),
            ADD INDEX offers_shop_id_state_clicks_lately_id_index (shop_id, state, clicks_lately, id)");
        Schema::table('search_things', static function (Blueprint $table): void {
            $table->index(['shop_id', 'kind', 'label', 'thing_id']);
        });
        Schema::table('products', static function (Blueprint $table): void {
            $table->index(['shop_id', 'deleted_at', 'is_draft', 'name', 'id']);
            $table->index(['shop_id', 'deleted_at', 'is_draft', 'updated_at', 'id']);
        });
        Schema::table('shops', static function (Blueprint $table): void {
            $table->date('clicks_of')->nullable()->comment('its day, when clicks of late were counted anew');
        });
        Schema::table('result_marks', static function (Blueprint $table): void {
            $table->unsignedBigInteger('clicks_to')->default(0)->comment('up to which event the offers have their clicks of late');
        });
        // Thirty days back, and one for zones that are ahead.
        DB::statement('UPDATE offers JOIN (SELECT offer_id, SUM(acts) AS clicks FROM result_days WHERE kind = 2 AND day >= CURRENT_DATE - INTERVAL 30 DAY GROUP BY offer_id) AS counted ON counted.offer_id = offers.id SET clicks_lately = clicks, updated_at = updated_at');
        DB::statement('UPDATE result_marks SET clicks_to = folded_to');
    }
};
