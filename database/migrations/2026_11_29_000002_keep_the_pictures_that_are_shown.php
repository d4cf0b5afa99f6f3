<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What a button shows stays for good, since copies of it stand on other people's pages; what a product lets go of can be
 * taken back for thirty days. A product may have no picture at all.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pictures', function (Blueprint $table): void {
            $table->boolean('is_kept')->default(false)->comment('shown where it can be copied from');
            $table->dateTime('free_since')->nullable()->comment('when it last became no product’s');
            $table->index(['product_id', 'is_kept', 'free_since']);
        });
        DB::table('pictures')->whereNull('product_id')->update(['free_since' => DB::raw('UTC_TIMESTAMP()')]);
        DB::statement("UPDATE pictures SET is_kept = 1 WHERE EXISTS (SELECT 1 FROM looks WHERE looks.shop_id = pictures.shop_id AND (looks.`values` LIKE CONCAT('%', pictures.file, '%') OR looks.earlier LIKE CONCAT('%', pictures.file, '%')))");
        Schema::table('products', function (Blueprint $table): void {
            $table->string('picture', 32)->collation('ascii_bin')->nullable()->comment('a shipped drawing, where no picture was uploaded')->change();
        });
    }
};
