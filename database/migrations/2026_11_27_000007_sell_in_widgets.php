<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Widgets in their forms, carts that were filled on pages of other sites, and counts that are written down later. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('placements', function (Blueprint $table): void {
            $table->string('form', 8)->charset('ascii')->collation('ascii_bin')->default('button')->after('medium')->comment('of a widget');
        });
        DB::statement("ALTER TABLE placements ADD CONSTRAINT placements_form_is_known CHECK (form IN ('button', 'price', 'picture'))");
        Schema::table('looks', function (Blueprint $table): void {
            $table->text('sheet')->nullable()->after('values')->comment('what is worked out of the values, as a style sheet; null: not yet');
        });
        Schema::table('carts', function (Blueprint $table): void {
            $table->text('joined')->nullable()->comment('JSON: what came from the cart of a widget, and whence, while it can be taken back');
        });
        DB::statement('ALTER TABLE carts ADD CONSTRAINT carts_joined_is_json CHECK (joined IS NULL OR JSON_VALID(joined))');
        Schema::table('cart_lines', function (Blueprint $table): void {
            $table->unsignedBigInteger('handed_to')->nullable()->index()->comment('the cart of the shop that it was copied into');
            $table->unsignedSmallInteger('handed_pieces')->default(0)->comment('how many of it are there');
        });
        DB::statement('ALTER TABLE cart_lines ADD CONSTRAINT cart_lines_handed_somewhere CHECK (handed_pieces = 0 OR handed_to IS NOT NULL)');
        Schema::create('hand_overs', $this->handOvers(...));
        DB::statement("ALTER TABLE hand_overs
            ADD CONSTRAINT hand_overs_lead_somewhere CHECK (onwards IN ('cart', 'pay')),
            ADD CONSTRAINT hand_overs_are_used_by_somebody CHECK ((used_at IS NULL) = (used_by IS NULL) AND (used_at IS NULL) = (led_to IS NULL))");
        Schema::create('spool_marks', function (Blueprint $table): void {
            $table->string('file', 40)->charset('ascii')->collation('ascii_bin')->primary();
            $table->unsignedBigInteger('offset')->comment('in bytes: what stands before it is in the database');
        });
    }

    private function handOvers(Blueprint $table): void
    {
        $digest = static fn (string $name) => $table->char($name, 64)->charset('ascii')->collation('ascii_bin');
        $digest('digest')->primary()->comment('SHA-256 of the secret in the address');
        // No foreign keys: a cart that is swept away takes nothing along that anybody waits for.
        $table->unsignedBigInteger('shop_id');
        $table->unsignedBigInteger('cart_id')->index()->comment('of the widget');
        $table->boolean('is_alone')->comment('whether it becomes a cart of its own');
        $table->string('onwards', 4)->charset('ascii')->collation('ascii_bin');
        $table->string('host', 255)->comment('of the page, for the shopper to read');
        $table->dateTime('expires_at', 3)->index();
        $table->dateTime('used_at', 3)->nullable();
        $digest('used_by')->nullable()->comment('SHA-256 of the cookie');
        $digest('used_from')->nullable()->comment('keyed hash of who sent the request');
        $table->unsignedBigInteger('led_to')->nullable()->comment('the cart of the shop');
    }
};
