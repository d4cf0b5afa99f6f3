<?php

declare(strict_types=1);

use App\Changes\EditKind;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whatever sellers change by a form has a version, and is known by who changed it last and when. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('edits', static function (Blueprint $table): void {
            // No foreign key: it would lock the shop's row, which two forms of one shop then both want to change.
            $table->unsignedBigInteger('shop_id');
            $table->string('kind', 16)->charset('ascii')->collation('ascii_bin');
            $table->unsignedBigInteger('subject_id')->comment('of a product, table, coupon or look; of the shop itself for what there is once');
            $table->unsignedInteger('version')->comment('counts the changes, so that two sellers don’t overwrite each other; without a row it is 1');
            $table->foreignId('person_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('edited_at');
            $table->primary(['shop_id', 'kind', 'subject_id']);
        });
        DB::table('edits')->insertUsing(
            ['shop_id', 'kind', 'subject_id', 'version', 'edited_at'],
            DB::table('looks')->where('version', '>', 1)->selectRaw('shop_id, ?, id, version, updated_at', [EditKind::Look->value]),
        );
        Schema::table('looks', static fn (Blueprint $table) => $table->dropColumn('version'));
    }
};
