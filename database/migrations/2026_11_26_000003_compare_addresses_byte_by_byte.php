<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PaperKite\Text\EmailAddress;

/** A collation that takes á for a would let one person in as another: addresses are compared by a key of bytes. */
return new class extends Migration
{
    private const ROWS_AT_ONCE = 1000;

    public function up(): void
    {
        foreach (['orders', 'people'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('email_key', EmailAddress::LONGEST)->collation('utf8mb4_bin')->default('')->after('email')->comment('the address as it is compared');
            });
            $this->fill($name, 'email');
        }
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropUnique(['email']);
            $table->unique('email_key');
        });
        Schema::table('orders', static function (Blueprint $table): void {
            $table->dropIndex(['shop_id', 'email']);
            $table->index(['shop_id', 'email_key']);
        });
        foreach (['shopper_links', 'shopper_sessions'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('email_key', EmailAddress::LONGEST)->collation('utf8mb4_bin')->default('')->after('email');
            });
            $this->fill($name, 'email');
            Schema::table($name, static fn (Blueprint $table) => $table->dropColumn('email'));
        }
        $this->uses();
    }

    private function fill(string $table, string $column): void
    {
        DB::table($table)->select(['id', $column])->chunkById(self::ROWS_AT_ONCE, static function ($rows) use ($table, $column): void {
            foreach ($rows as $row) {
                /** @var object{id: int} $row */
                $text = $row->{$column} ?? '';
                DB::table($table)->where('id', $row->id)->update(['email_key' => EmailAddress::keyOf(is_string($text) ? $text : '')]);
            }
        });
    }

    /** Uses of coupons are counted by the digest of an address. */
    private function uses(): void
    {
        DB::table('coupon_uses')->join('orders', 'orders.id', '=', 'coupon_uses.order_id')->select(['coupon_uses.id', 'orders.email_key'])
            ->chunkById(self::ROWS_AT_ONCE, static function ($rows): void {
                foreach ($rows as $row) {
                    /** @var object{id: int, email_key: string} $row */
                    DB::table('coupon_uses')->where('id', $row->id)->update(['shopper' => hash('sha256', $row->email_key)]);
                }
            }, 'coupon_uses.id', 'id');
    }
};
