<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Gift cards: a ledger of movements that the database adds up, who was shown a code, and carts that will pay with one. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('gift_cards', $this->cards(...));
        DB::statement('ALTER TABLE gift_cards
            ADD CONSTRAINT gift_cards_are_worth_something CHECK (value_minor > 0),
            ADD CONSTRAINT gift_cards_are_never_overdrawn CHECK (balance_minor >= 0),
            ADD CONSTRAINT gift_cards_that_are_void_say_why CHECK ((voided_at IS NULL) = (void_reason IS NULL))');
        Schema::create('card_movements', $this->movements(...));
        DB::statement("ALTER TABLE card_movements
            ADD CONSTRAINT card_movements_kind_is_known CHECK (kind IN ('issued', 'redeemed', 'returned', 'given_back', 'restored', 'voided')),
            ADD CONSTRAINT card_movements_go_their_way CHECK (IF(kind IN ('issued', 'returned', 'restored'), amount_minor > 0, amount_minor < 0))");
        // Whoever writes a movement has changed the balance, in one statement, and nobody can change a movement afterwards.
        DB::statement('CREATE TRIGGER card_movements_add_up AFTER INSERT ON card_movements FOR EACH ROW UPDATE gift_cards SET balance_minor = balance_minor + NEW.amount_minor WHERE id = NEW.gift_card_id');
        DB::statement("CREATE TRIGGER card_movements_stay BEFORE UPDATE ON card_movements FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A movement of a gift card stays as it is.'");
        Schema::create('card_showings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('gift_card_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('person_id')->nullable()->comment('null: its holder, or whoever has the address of its page');
            $table->string('how', 8)->charset('ascii')->collation('ascii_bin');
            $table->dateTime('at');
        });
        DB::statement("ALTER TABLE card_showings ADD CONSTRAINT card_showings_how_is_known CHECK (how IN ('mailed', 'page', 'printed'))");
        Schema::create('cart_gift_cards', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('cart_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('gift_card_id')->comment('no key: whoever fills a cart must not wait for who pays with the card');
            $table->unique(['cart_id', 'gift_card_id']);
        });
        Schema::table('cart_lines', static function (Blueprint $table): void {
            $table->longText('gifts')->nullable()->comment('JSON: for whom each card is, as typed');
        });
        DB::statement('ALTER TABLE cart_lines ADD CONSTRAINT cart_lines_gifts_are_json CHECK (JSON_VALID(gifts))');
    }

    private function cards(Blueprint $table): void
    {
        $table->id();
        $table->unsignedBigInteger('shop_id');
        $table->foreignId('order_line_id')->unique()->constrained();
        $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->comment('of the code, keyed');
        $table->text('code')->nullable()->comment('encrypted; null once it is empty or void');
        $table->char('tail', 4)->charset('ascii')->collation('ascii_bin');
        $table->char('page_digest', 64)->charset('ascii')->collation('ascii_bin')->unique();
        $table->char('currency', 3)->charset('ascii')->collation('ascii_bin');
        $table->bigInteger('value_minor');
        $table->bigInteger('balance_minor')->default(0)->comment('the sum of its movements');
        $table->string('to_name', 120)->default('');
        $table->string('to_email', 254)->default('')->comment('blank: to the buyer');
        $table->string('message', 500)->default('');
        $table->date('send_on')->nullable()->comment('null: at once');
        $table->dateTime('sent_at')->nullable();
        $table->dateTime('voided_at')->nullable();
        $table->string('void_reason', 300)->nullable();
        $table->dateTime('created_at');
        $table->unique(['shop_id', 'digest']);
        $table->index(['shop_id', 'id']);
        $table->index(['sent_at', 'send_on']);
    }

    private function movements(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('gift_card_id')->constrained();
        $table->string('kind', 12)->charset('ascii')->collation('ascii_bin');
        $table->bigInteger('amount_minor');
        $table->unsignedBigInteger('order_id')->default(0)->index();
        $table->unsignedBigInteger('refund_id')->default(0);
        $table->unsignedBigInteger('person_id')->nullable();
        $table->dateTime('at');
        // The same act twice is one.
        $table->unique(['gift_card_id', 'kind', 'order_id', 'refund_id']);
    }
};
