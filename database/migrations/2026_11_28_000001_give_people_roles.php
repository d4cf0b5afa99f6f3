<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who does what in a shop, how others come to it, and how a person signs in. */
return new class extends Migration
{
    public function up(): void
    {
        // Whoever was there did everything.
        Schema::table('memberships', static fn (Blueprint $table) => $table->string('role', 8)->charset('ascii')->collation('ascii_bin')->default('owner'));
        DB::statement("ALTER TABLE memberships ALTER COLUMN role DROP DEFAULT, ADD CONSTRAINT memberships_have_a_role CHECK (role IN ('owner', 'editor', 'reader'))");

        Schema::table('people', function (Blueprint $table): void {
            $table->string('session_key', 22)->charset('ascii')->collation('ascii_bin')->default('')->comment('a session that began with another is over');
            $table->text('second_factor')->nullable()->comment('encrypted');
            $table->dateTime('second_factor_since', 3)->nullable()->comment('null: not asked for yet');
            $table->unsignedBigInteger('second_factor_step')->nullable()->comment('of the last code that was taken');
            $table->unsignedTinyInteger('wrong_codes')->default(0);
            $table->dateTime('codes_closed_until', 3)->nullable();
        });
        Schema::create('recovery_codes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->comment('HMAC-SHA-256');
            $table->dateTime('used_at', 3)->nullable();
            $table->unique(['person_id', 'digest']);
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('email', 254);
            $table->string('email_key', 254)->collation('utf8mb4_bin');
            $table->string('role', 8)->charset('ascii')->collation('ascii_bin');
            $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->unique()->comment('SHA-256 of the token in its link');
            $table->foreignId('person_id')->nullable()->comment('who invited')->constrained('people')->nullOnDelete();
            $table->dateTime('created_at', 3);
            $table->dateTime('expires_at', 3);
            $table->dateTime('used_at', 3)->nullable();
            $table->index(['shop_id', 'email_key']);
        });
        DB::statement("ALTER TABLE invitations ADD CONSTRAINT invitations_have_a_role CHECK (role IN ('owner', 'editor', 'reader'))");
        Schema::create('password_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->unique()->comment('SHA-256 of the token in the link');
            $table->dateTime('expires_at', 3);
            $table->dateTime('used_at', 3)->nullable();
        });
    }
};
