<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Files that are sold: as they come in, in their versions, what is shown of them, and the links by which buyers get them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('stored_files', $this->storedFiles(...));
        DB::statement('ALTER TABLE stored_files
            ADD CONSTRAINT stored_files_hold_no_more_than_they_have CHECK (received <= bytes AND bytes > 0),
            ADD CONSTRAINT stored_files_are_whole_with_a_checksum CHECK ((received = bytes) = (sha256 IS NOT NULL))');
        Schema::create('product_files', $this->productFiles(...));
        Schema::create('file_versions', $this->fileVersions(...));
        Schema::create('samples', $this->samples(...));
        DB::statement("ALTER TABLE samples
            ADD CONSTRAINT samples_kind_is_known CHECK (kind IN ('picture', 'audio', 'video', 'pages')),
            ADD CONSTRAINT samples_state_is_known CHECK (state IN ('waiting', 'ready', 'broken')),
            ADD CONSTRAINT samples_pictures_are_json CHECK (JSON_VALID(pictures))");
        Schema::table('products', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('download_days')->nullable()->comment('null: as the shop says');
            $table->unsignedSmallInteger('download_times')->nullable()->comment('null: as the shop says');
        });
        Schema::create('downloads', $this->downloads(...));
        Schema::create('download_files', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('download_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('product_file_id');
            $table->unsignedInteger('version')->comment('that was sold');
            $table->unsignedInteger('told')->default(0)->comment('the last version of which its buyer was told by mail');
            $table->unsignedInteger('used')->default(0);
            $table->unique(['download_id', 'product_file_id']);
            $table->index(['product_file_id', 'version']);
        });
        Schema::create('download_uses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('download_file_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->dateTime('at');
            $table->dateTime('until')->comment('it can be gone on with');
            $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->unique()->comment('SHA-256 of what names it in its address');
        });
    }

    private function storedFiles(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('shop_id')->constrained();
        $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
        $table->string('name', 120);
        $table->string('path', 60)->charset('ascii')->collation('ascii_bin')->comment('in the folder of files');
        $table->unsignedBigInteger('bytes');
        $table->unsignedBigInteger('received')->default(0);
        $table->char('sha256', 64)->charset('ascii')->collation('ascii_bin')->nullable()->comment('of the whole; null while it comes');
        $table->binary('hashing')->nullable()->comment('the checksum so far, as PHP writes it down');
        $table->dateTime('created_at');
        $table->dateTime('touched_at')->index();
    }

    private function productFiles(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('shop_id')->constrained();
        $table->foreignId('product_id')->nullable()->constrained()->nullOnDelete();
        $table->foreignId('variant_id')->nullable()->comment('null: with every variant')->constrained()->restrictOnDelete();
        $table->unsignedSmallInteger('position')->default(0);
        $table->unsignedInteger('version')->default(1)->comment('that is sold now');
        $table->dateTime('created_at');
        $table->dateTime('free_since')->nullable()->index()->comment('when it last became no product’s');
    }

    private function fileVersions(Blueprint $table): void
    {
        $table->foreignId('product_file_id')->constrained()->cascadeOnDelete();
        $table->unsignedInteger('number');
        $table->foreignId('stored_file_id')->constrained()->restrictOnDelete();
        $table->string('name', 120);
        $table->boolean('is_for_earlier')->default(false)->comment('whether who bought an earlier one gets it, too');
        $table->dateTime('created_at');
        $table->primary(['product_file_id', 'number']);
    }

    private function samples(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('shop_id')->constrained();
        $table->foreignId('product_id')->nullable()->unique()->constrained()->nullOnDelete();
        $table->string('kind', 8)->charset('ascii')->collation('ascii_bin');
        $table->string('state', 8)->charset('ascii')->collation('ascii_bin');
        $table->unsignedTinyInteger('pages')->comment('that were asked for; 0 where it has none');
        $table->foreignId('stored_file_id')->nullable()->comment('of which it is still to be made')->constrained()->restrictOnDelete();
        $table->string('file', 60)->charset('ascii')->collation('ascii_bin')->nullable()->comment('of sound or moving pictures');
        $table->longText('pictures')->comment('JSON: names of picture files');
        $table->string('problem', 190)->default('');
        $table->dateTime('created_at');
        $table->dateTime('free_since')->nullable()->index();
    }

    private function downloads(Blueprint $table): void
    {
        $table->id();
        // No key leads to the shop: whoever buys must not stand in its way.
        $table->unsignedBigInteger('shop_id')->index();
        $table->foreignId('order_id')->constrained()->cascadeOnDelete();
        $table->foreignId('order_line_id')->unique()->constrained()->cascadeOnDelete();
        $table->unsignedInteger('turn')->default(1)->comment('a fresh link has another address');
        $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->unique()->comment('SHA-256 of what names it in its address');
        $table->dateTime('until');
        $table->unsignedInteger('most')->comment('of each file');
        $table->dateTime('stopped_at')->nullable();
        $table->dateTime('created_at');
    }
};
