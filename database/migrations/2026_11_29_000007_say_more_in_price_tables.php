<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A column of a price table says something of its own, and the one that stands out has words above it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('placements', function (Blueprint $table): void {
            $table->string('column_name', 60)->default('')->comment('of a price table; blank: what it sells');
            $table->string('column_text', 700)->default('')->comment('of a price table: its lines');
        });
        Schema::table('price_tables', function (Blueprint $table): void {
            $table->string('badge', 30)->default('');
        });
        // What was kept of former versions is read as what is saved now.
        foreach (DB::table('form_versions')->where('kind', 'price_table')->get() as $version) {
            $kept = is_string($version->form) ? json_decode($version->form, true, flags: JSON_THROW_ON_ERROR) : [];
            /** @var array{name: string, offers: list<int>, stressed: int|null} $form */
            $form = $kept;
            $columns = array_map(static fn (int $offer): array => ['offer_id' => $offer, 'name' => '', 'text' => ''], $form['offers']);
            DB::table('form_versions')
                ->where(['shop_id' => $version->shop_id, 'kind' => $version->kind, 'subject_id' => $version->subject_id, 'version' => $version->version])
                ->update(['form' => json_encode(['name' => $form['name'], 'columns' => $columns, 'stressed' => $form['stressed'], 'badge' => ''], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
        }
    }
};
