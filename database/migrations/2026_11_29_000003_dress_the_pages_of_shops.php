<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How a shop's own pages look, which was an accent alone. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('page_look')->nullable()->comment('null: as it ships');
        });
        /** @var object{id: int, accent: string} $shop */
        foreach (DB::table('shops')->get(['id', 'accent']) as $shop) {
            // The ground that it has had until now: a breath of the accent on white.
            $ground = array_map(static fn (string $part): int => (int) round(255 - (255 - hexdec($part)) * 0.05), str_split(substr($shop->accent, 1), 2));
            DB::table('shops')->where('id', $shop->id)->update(['page_look' => json_encode([
                'ground' => sprintf('#%02x%02x%02x', ...$ground), 'accent' => $shop->accent, 'font' => 'humanist', 'staysLight' => false,
                'mark' => 'none', 'banner' => '', 'bannerText' => '', 'sentence' => '',
            ], JSON_THROW_ON_ERROR)]);
        }
        DB::statement('ALTER TABLE shops DROP CONSTRAINT shops_accent_is_a_colour');
        Schema::table('shops', function (Blueprint $table): void {
            $table->dropColumn('accent');
        });
    }
};
