<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Changes\Editing;
use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use App\Offers\SavePriceTable;
use App\Results\WriteSpooled;
use App\Text\Secrets;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Medium\TableEntry;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Results\EventKind;
use PaperKite\Text\FormInput;
use Tests\TestCase;

/** A whole price table in one place: live in a widget, a page behind its link, clicks counted for place and offer. */
final class PlacedTableTest extends TestCase
{
    private const NAVIGATES = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];

    private Shop $shop;

    private PriceTable $table;

    private string $code;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $offers = array_map(fn (int $cents): int => $this->offer($this->product($this->shop, ['name' => "Jar {$cents}", 'price_minor' => $cents, 'stock' => 20]), ['destination' => Onwards::Stay, 'cart_use' => CartUse::WithCart])->id, [500, 900]);
        $this->table = app(SavePriceTable::class)($this->shop, null, TableEntry::read(FormInput::of(['badge' => 'Most taken'] + self::tableEntry('Jars', $offers, $offers[1]))), Editing::byCommand());
        $this->actingAs($this->person($this->shop));
        $this->postJson($this->address(), ['page' => 'the prices page'])->assertCreated()->assertJsonPath('items.0.page', 'the prices page');
        $this->code = $this->place()->code;
    }

    public function test_its_widget_shows_all_columns_as_they_are_now(): void
    {
        $told = $this->data($this->code);
        $told->assertOk()->assertJsonPath('widgets', [])->assertJsonPath('tables.0.name', 'Jars')->assertJsonPath('tables.0.badge', 'Most taken')
            ->assertJsonPath('tables.0.columns.0.names.0', 'Jar 500')->assertJsonPath('tables.0.columns.0.widget.price.amount', '5.00')->assertJsonPath('tables.0.columns.1.is_stressed', true)
            ->assertJsonPath('tables.0.columns.1.widget.in', $this->code);
        self::assertSame([], $told->headers->getCookies());

        $this->column(0)->offer->lines()->firstOrFail()->product->update(['stock' => 0]);
        $this->column(1)->offer->update(['state' => OfferState::Archived]);
        $this->data($this->code)->assertJsonPath('tables.0.columns.0.widget.state', 'sold_out')->assertJsonCount(1, 'tables.0.columns');
        $this->place()->update(['paused_at' => now()]);
        $this->data($this->code)->assertJsonCount(0, 'tables.0.columns')->assertJsonPath('tables.0.note', 'This offer is paused for now. Come back a little later.');
    }

    public function test_a_click_in_it_counts_for_its_place_and_for_the_offer_of_the_column(): void
    {
        $column = $this->column(1);
        $added = $this->embed('cart/add', ['code' => $column->code, 'in' => $this->code])->assertOk()->assertJsonPath('count', 1)->json('token');
        $this->embed('seen', ['view' => $this->code]);
        $this->embed('seen', ['click' => $column->code, 'in' => $this->code]);
        app(WriteSpooled::class)();

        $place = $this->place()->id;
        self::assertSame([[EventKind::Add->value, $column->offer_id, $place], [EventKind::View->value, 0, $place], [EventKind::Click->value, $column->offer_id, $place]], $this->events());
        self::assertSame([$place, $column->offer_id], array_values((array) DB::table('cart_lines')->whereIn('cart_id', DB::table('carts')->where('shop_id', $this->shop->id)->select('id'))->first(['placement_id', 'offer_id'])));

        // And so it stays on the way to the shop's own cart and checkout.
        $go = $this->embed('cart/hand-over', ['token' => is_string($added) ? $added : '', 'to' => 'pay'])->json('go');
        $answer = $this->get(is_string($go) ? $go : self::fail('It leads nowhere.'))->assertStatus(303);
        $this->withUnencryptedCookie('kite_visitor', self::cookieOf($answer))->get($this->shop->base().$answer->headers->get('Location'), self::NAVIGATES)->assertOk();
        self::assertContains([EventKind::Checkout->value, $column->offer_id, $place], $this->events());
    }

    public function test_what_a_page_says_of_where_it_was_clicked_counts_only_where_it_is_so(): void
    {
        $column = $this->column(0);
        $lonely = $this->placement($column->offer);
        $this->embed('cart/add', ['code' => $lonely->code, 'in' => $this->code])->assertOk();
        self::assertSame([[EventKind::Add->value, $column->offer_id, $lonely->id]], $this->events());

        $this->place()->update(['paused_at' => now()]);
        $this->embed('cart/add', ['code' => $column->code, 'in' => $this->code])->assertStatus(409);
        $this->embed('cart/add', ['code' => $column->code])->assertOk();
    }

    public function test_its_link_opens_a_page_with_the_same_columns_whose_buttons_count_for_it(): void
    {
        $visitor = Secrets::token();
        $this->visit("/k/{$this->code}", $visitor)->assertStatus(303)->assertRedirect("/o/{$this->code}");
        app(WriteSpooled::class)();
        $page = $this->visit("/o/{$this->code}", $visitor)->assertOk()->assertHeader('X-Robots-Tag', 'noindex')->assertSeeInOrder(['Jars', 'Jar 500', '€5.00', 'Most taken', 'Jar 900', '€9.00']);
        $column = $this->column(1);
        self::assertStringContainsString("/k/{$column->code}?in={$this->code}", (string) $page->getContent());

        $this->visit("/k/{$this->column(0)->code}?in={$this->code}", $visitor)->assertStatus(303);
        $this->visit("/k/{$column->code}?in={$this->code}", $visitor)->assertStatus(303);
        $place = $this->place()->id;
        self::assertSame([
            [EventKind::Click->value, 0, $place], [EventKind::View->value, 0, $place],
            [EventKind::Click->value, $this->column(0)->offer_id, $place], [EventKind::Add->value, $this->column(0)->offer_id, $place],
            [EventKind::Click->value, $column->offer_id, $place], [EventKind::Add->value, $column->offer_id, $place],
        ], $this->events());
    }

    public function test_programs_frames_and_pauses_meet_what_they_meet_at_any_link(): void
    {
        $this->get($this->at("/k/{$this->code}"), ['Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image'])->assertNoContent();
        $this->get($this->at("/k/{$this->code}"), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'iframe'])->assertOk()->assertSee('target="_top"', false);
        $this->get($this->at("/k/{$this->code}"), ['User-Agent' => 'ChatLinkPreview 3'])->assertOk()->assertSee('<meta property="og:title" content="Jars">', false);
        self::assertSame([], $this->events());

        $this->putJson($this->console("/api/shops/{$this->shop->slug}/display-places/{$this->place()->id}"), ['page' => 'the prices page', 'is_paused' => true])->assertOk()->assertJsonPath('items.0.is_paused', true);
        $this->visit("/k/{$this->code}", '')->assertOk()->assertSee('paused for now');
    }

    public function test_it_is_deleted_with_its_table_or_by_itself_and_comes_back(): void
    {
        $delete = fn (string $kind, int $id, bool $isDeleted): TestResponse => $this->postJson($this->console("/api/shops/{$this->shop->slug}/deleted/{$kind}/{$id}"), ['is_deleted' => $isDeleted])->assertSuccessful();
        foreach ([['display', $this->place()->id], ['price_table', $this->table->id]] as [$kind, $id]) {
            $delete($kind, $id, true);
            $this->visit("/k/{$this->code}", '')->assertStatus(410);
            $this->data($this->code)->assertJsonPath('tables', []);
            $this->getJson($this->console("/api/shops/{$this->shop->slug}/deleted"))->assertJsonCount(1, 'items');
            $delete($kind, $id, false);
            $this->visit("/k/{$this->code}", '')->assertStatus(303);
        }
    }

    public function test_another_shop_neither_shows_nor_changes_it(): void
    {
        $other = $this->shop(['slug' => 'elsewhere', 'name' => 'Elsewhere']);
        $this->actingAs($this->person($other));

        $this->get("{$other->base()}/embed/data?v=1&codes={$this->code}")->assertJsonPath('tables', []);
        $this->get("{$other->base()}/k/{$this->code}", self::NAVIGATES)->assertNotFound();
        $this->getJson($this->console("/api/shops/{$other->slug}/price-tables/{$this->table->id}/places"))->assertNotFound();
        $this->postJson($this->console("/api/shops/{$other->slug}/price-tables/{$this->table->id}/places"), ['page' => 'x'])->assertNotFound();
        $this->putJson($this->console("/api/shops/{$other->slug}/display-places/{$this->place()->id}"), ['page' => 'x'])->assertNotFound();
    }

    private function place(): DisplayPlacement
    {
        return DisplayPlacement::withDeleted()->where('shop_id', $this->shop->id)->firstOrFail();
    }

    private function column(int $position): Placement
    {
        return $this->table->columns()->with('offer')->get()->get($position) ?? self::fail('There is no such column.');
    }

    private function address(): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/price-tables/{$this->table->id}/places");
    }

    private function at(string $path): string
    {
        return $this->shop->base().$path;
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function visit(string $path, string $visitor): TestResponse
    {
        return $this->withUnencryptedCookie('kite_visitor', $visitor)->get($this->at($path), self::NAVIGATES);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function data(string $code): TestResponse
    {
        return $this->get($this->at("/embed/data?v=1&codes={$code}"));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function embed(string $path, array $body): TestResponse
    {
        return $this->post($this->at("/embed/{$path}"), $body, ['Sec-Fetch-Mode' => 'cors', 'Sec-Fetch-Dest' => 'empty', 'Origin' => 'http://blog.example']);
    }

    /** @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer */
    private static function cookieOf(TestResponse $answer): string
    {
        return $answer->headers->getCookies()[0]->getValue() ?? self::fail('There is no cookie.');
    }

    /** @return list<array{int, int, int}> kind, offer and placement of all that was counted as an act */
    private function events(): array
    {
        /** @var list<array{int, int, int}> */
        return array_values(DB::table('events')->where(['shop_id' => $this->shop->id, 'is_act' => true])->orderBy('id')->get(['kind', 'offer_id', 'placement_id'])->map(static fn (object $event): array => array_values((array) $event))->all());
    }
}
