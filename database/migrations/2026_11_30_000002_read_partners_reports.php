<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What marketplaces report of their sales, row by row, and to which place each is credited. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('partners', static function (Blueprint $table): void {
            $table->longText('report_layout')->nullable()->comment('JSON: which columns its reports have; null: nobody has said');
        });
        DB::statement('ALTER TABLE partners ADD CONSTRAINT partners_layout_is_json CHECK (JSON_VALID(report_layout))');
        Schema::create('partner_reports', $this->reports(...));
        DB::statement("ALTER TABLE partner_reports
            ADD CONSTRAINT partner_reports_state_is_known CHECK (state IN ('new', 'reading', 'done', 'taken_back')),
            ADD CONSTRAINT partner_reports_header_is_json CHECK (JSON_VALID(header)),
            ADD CONSTRAINT partner_reports_layout_is_json CHECK (JSON_VALID(layout)),
            ADD CONSTRAINT partner_reports_layout_is_there CHECK (state = 'new' OR layout IS NOT NULL)");
        Schema::create('partner_sales', $this->sales(...));
        DB::statement("ALTER TABLE partner_sales
            ADD CONSTRAINT partner_sales_stand_somehow CHECK (stands IN ('waiting', 'counts', 'repeated', 'corrected', 'taken_back')),
            ADD CONSTRAINT partner_sales_credit_is_known CHECK (credited_by IN ('sub_id', 'item', 'unsure', 'nothing')),
            ADD CONSTRAINT partner_sales_uncredited_say_why CHECK ((credited_by = 'nothing') = (why IS NOT NULL)),
            ADD CONSTRAINT partner_sales_candidates_are_json CHECK (JSON_VALID(candidates)),
            ADD CONSTRAINT partner_sales_hour_of_a_day CHECK (hour <= 23)");
        Schema::create('partner_report_faults', static function (Blueprint $table): void {
            $table->foreignId('report_id')->constrained('partner_reports')->cascadeOnDelete();
            $table->unsignedInteger('row_number');
            $table->string('sentence', 400);
            $table->boolean('is_totals')->comment('there is nothing to mend');
            $table->string('cells', 1000)->comment('as they stand in the report, with bars between');
            $table->primary(['report_id', 'row_number']);
        });
        // What led to a marketplace within so many days, for the sales of a report.
        Schema::table('events', static function (Blueprint $table): void {
            $table->index(['shop_id', 'marketplace_id', 'day']);
        });
    }

    private function reports(Blueprint $table): void
    {
        $ascii = static fn (string $name, int $length) => $table->string($name, $length)->charset('ascii')->collation('ascii_bin');
        $table->id();
        $table->foreignId('shop_id')->constrained();
        $table->unsignedBigInteger('marketplace_id');
        $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
        $table->string('name', 190)->comment('of the file');
        $ascii('file', 64)->comment('under which it is kept until it is read');
        $ascii('state', 10);
        $ascii('encoding', 12);
        $ascii('separator', 1);
        $table->longText('header')->comment('JSON: names of columns');
        $table->longText('layout')->nullable()->comment('JSON');
        $table->unsignedBigInteger('bytes')->comment('of the file as UTF-8');
        $table->unsignedBigInteger('read_to')->comment('in bytes');
        $table->unsignedInteger('next_row');
        $table->timestamp('finished_at')->nullable();
        $table->timestamps();
        $table->unique(['shop_id', 'id']);
        $table->index(['shop_id', 'created_at']);
        $table->index(['state', 'updated_at']);
        $table->foreign(['shop_id', 'marketplace_id'])->references(['shop_id', 'id'])->on('marketplaces');
    }

    private function sales(Blueprint $table): void
    {
        $ascii = static fn (string $name, int $length) => $table->string($name, $length)->charset('ascii')->collation('ascii_bin');
        $bytes = static fn (string $name, int $length) => $table->string($name, $length)->collation('utf8mb4_bin');
        $table->id();
        $table->unsignedBigInteger('shop_id');
        $table->unsignedBigInteger('marketplace_id');
        $table->unsignedBigInteger('report_id');
        $table->unsignedInteger('row_number');
        $ascii('stands', 10)->comment('only those that count are counted');
        $table->date('day');
        $table->unsignedTinyInteger('hour')->nullable();
        $bytes('sub_id', 190);
        $bytes('item', 190);
        $bytes('category', 190);
        $bytes('reference', 190);
        $table->integer('quantity');
        $table->bigInteger('amount_minor')->nullable();
        $table->bigInteger('commission_minor');
        $table->char('currency', 3)->charset('ascii')->collation('ascii_bin');
        $ascii('content', 64)->comment('SHA-256 of the row');
        $ascii('sale_key', 64)->nullable()->comment('SHA-256 of what a later report corrects it by; null: it can’t be');
        $ascii('credited_by', 8);
        $ascii('why', 16)->nullable();
        $table->unsignedBigInteger('placement_id')->default(0);
        $table->bigInteger('label_id')->default(0);
        $ascii('surface', 8)->default('');
        $table->unsignedBigInteger('product_id')->default(0);
        $table->longText('candidates')->nullable()->comment('JSON');
        $table->unique(['report_id', 'row_number']);
        $table->index(['shop_id', 'stands', 'day']);
        $table->index(['shop_id', 'stands', 'credited_by', 'day']);
        $table->index(['marketplace_id', 'report_id']);
        $table->foreign(['shop_id', 'report_id'])->references(['shop_id', 'id'])->on('partner_reports')->cascadeOnDelete();
    }
};
