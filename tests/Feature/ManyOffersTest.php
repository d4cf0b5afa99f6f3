<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Offer\OfferState;
use PaperKite\Results\EventKind;
use Tests\TestCase;

/** Several offers are changed at once, and what was done is taken back at once. */
final class ManyOffersTest extends TestCase
{
    private Shop $shop;

    private Product $product;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
        $this->product = $this->product($this->shop, ['name' => 'Heather honey']);
    }

    public function test_what_can_is_done_what_cant_says_why_and_both_are_as_before_once_it_is_taken_back(): void
    {
        [$live, $draft, $archived] = array_map(fn (string $state): Offer => $this->offer($this->product, ['state' => $state]), ['live', 'draft', 'archived']);

        $answer = $this->many(array_map(static fn (Offer $offer): array => self::to($offer, 'paused'), [$live, $draft, $archived]))
            ->assertJsonPath('stayed', [['offer' => $draft->id, 'why' => 'An offer that is draft can’t become paused.']]);
        self::assertSame(['paused', 'draft', 'paused'], $this->states($live, $draft, $archived));

        $this->many($answer->json('before'), true)->assertJsonPath('stayed', []);
        self::assertSame(['live', 'draft', 'archived'], $this->states($live, $draft, $archived));
    }

    public function test_what_was_archived_goes_live_again_by_taking_back_alone_and_only_where_it_still_can(): void
    {
        $offer = $this->offer($this->product);
        $before = $this->many([self::to($offer, 'archived')])->json('before');
        $this->many([self::to($offer, 'live')])->assertJsonPath('stayed.0.why', 'An offer that is archived can’t become live.');

        $this->product->update(['is_draft' => true]);
        self::assertStringContainsString('draft', (string) json_encode($this->many($before, true)->json('stayed.0.why')));
        self::assertSame(['archived'], $this->states($offer));

        $this->product->update(['is_draft' => false]);
        $this->many($before, true)->assertJsonPath('stayed', []);
        self::assertSame(['live'], $this->states($offer));
    }

    public function test_a_look_is_given_to_many_written_in_their_history_and_taken_back(): void
    {
        $own = $this->shop->looks()->create(['name' => 'Storm', 'values' => $this->shop->looks()->firstOrFail()->values]);
        [$plain, $worn] = [$this->offer($this->product), $this->offer($this->product, ['look_id' => $own->id])];

        $before = $this->many([self::looks($plain, $own->id), self::looks($worn, $own->id)])->assertJsonPath('stayed', [])->json('before');
        self::assertSame([[$own->id, 2], [$own->id, 1]], $this->worn($plain, $worn));
        self::assertStringContainsString('Storm', (string) $plain->versions()->first()?->sentence);

        $this->many($before, true)->assertJsonPath('stayed', []);
        self::assertSame([[null, 3], [$own->id, 1]], $this->worn($plain, $worn));
    }

    public function test_a_look_that_is_not_there_and_offers_of_another_shop_change_nothing(): void
    {
        $other = $this->shop();
        $stranger = $this->offer($this->product($other));
        $offer = $this->offer($this->product);

        $this->many([self::looks($offer, $other->looks()->firstOrFail()->id)])->assertJsonPath('before', [])->assertJsonPath('stayed.0.why', 'This look is no longer there; choose another one.');
        $this->many([self::to($stranger, 'archived')])->assertJsonPath('before', [])->assertJsonPath('stayed', []);
        self::assertSame(['live', 'live'], $this->states($offer, $stranger));
    }

    public function test_what_goes_live_first_is_placed_and_the_same_act_twice_is_the_same(): void
    {
        $draft = $this->offer($this->product, ['state' => OfferState::Draft]);
        foreach ([1, 2] as $_) {
            $this->many([self::to($draft, 'live'), self::to($draft, 'live')])->assertJsonPath('stayed', []);
        }

        self::assertSame(1, Placement::query()->where('offer_id', $draft->id)->count());
    }

    public function test_too_many_and_none_are_refused(): void
    {
        $this->many([])->assertUnprocessable();
        $this->many(array_fill(0, 101, ['offer' => 1, 'state' => 'paused', 'look' => null]))->assertUnprocessable();
    }

    public function test_a_list_is_sorted_by_change_name_and_clicks(): void
    {
        [$b, $a, $c] = array_map(fn (string $caption): Offer => $this->offer($this->product, ['caption' => $caption]), ['Bee', 'Apiary', 'Comb']);
        $this->clicked($a, 3, 0);
        $this->clicked($c, 9, 40);
        $this->clicked($b, 5, 2);
        $this->artisan('results:fold');
        DB::table('offers')->where('id', $c->id)->update(['updated_at' => now()->addHour()]);
        DB::table('offers')->where('id', $b->id)->update(['updated_at' => now()->subHour()]);
        $sorted = fn (string $sort): array => array_column((array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers?{$sort}"))->assertOk()->json('items'), 'id');

        self::assertSame([$c->id, $a->id, $b->id], $sorted('sort=changed'));
        self::assertSame($sorted('sort=changed'), $sorted('sort=nonsense'));
        self::assertSame([$a->id, $b->id, $c->id], $sorted('sort=name'));
        self::assertSame([$b->id, $a->id, $c->id], $sorted('sort=clicks'));
        self::assertSame([$a->id, $b->id, $c->id], $sorted('sort=name&search=honey'));
        self::assertSame([$b->id, $a->id, $c->id], $sorted('sort=clicks&state=live'));
    }

    public function test_an_offer_that_came_in_bulk_is_in_the_list_by_name_before_it_has_one(): void
    {
        $comb = $this->offer($this->product, ['caption' => 'Comb']);
        DB::insert("INSERT INTO offers (shop_id, destination, cart_use, caption, state) SELECT shop_id, destination, cart_use, 'Dipper', state FROM offers WHERE id = ?", [$comb->id]);
        $dipper = DB::table('offers')->max('id');
        DB::insert('INSERT INTO offer_lines (shop_id, offer_id, position, product_id, quantity) SELECT shop_id, ?, position, product_id, quantity FROM offer_lines WHERE offer_id = ?', [$dipper, $comb->id]);
        $list = fn (): mixed => $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers?sort=name"))->assertOk()->json('items.*.id');

        self::assertSame([$dipper, $comb->id], $list());
        $this->command('search:write')->assertSuccessful();
        self::assertSame([$comb->id, $dipper], $list());
    }

    public function test_clicks_of_late_go_as_their_days_go(): void
    {
        [$a, $b] = [$this->offer($this->product), $this->offer($this->product)];
        $this->clicked($a, 3, 20);
        $this->clicked($b, 1, 0);
        $of = static fn (Offer $offer): mixed => DB::table('offers')->where('id', $offer->id)->value('clicks_lately');
        $changed = DB::table('offers')->pluck('updated_at', 'id')->all();
        $this->artisan('results:fold');
        self::assertSame([3, 1], [$of($a), $of($b)]);

        $this->travel(15)->days();
        $this->clicked($b, 2, 0);
        $this->artisan('results:fold');
        self::assertSame([0, 3], [$of($a), $of($b)]);

        // Who is killed between the days and the offers does it the next time.
        DB::table('result_marks')->update(['clicks_to' => 0]);
        DB::table('offers')->update(['clicks_lately' => 7]);
        $this->artisan('results:fold');
        self::assertSame([$a->id => 0, $b->id => 3], DB::table('offers')->where('shop_id', $this->shop->id)->orderBy('id')->pluck('clicks_lately', 'id')->all());
        self::assertSame($changed, DB::table('offers')->pluck('updated_at', 'id')->all());
    }

    private function clicked(Offer $offer, int $times, int $daysAgo): void
    {
        DB::table('events')->insert(array_fill(0, $times, ['shop_id' => $this->shop->id, 'kind' => EventKind::Click->value, 'day' => now()->subDays($daysAgo)->toDateString(), 'hour' => 12, 'offer_id' => $offer->id, 'device' => 1, 'currency' => 'EUR', 'is_act' => true, 'pieces' => 0, 'value_minor' => 0, 'profit_minor' => 0]));
    }

    public function test_a_row_tells_its_offer_in_short_and_says_when_its_goods_are_sold_out(): void
    {
        $gone = $this->product($this->shop, ['name' => 'Last jar', 'stock' => 1, 'price_minor' => 500]);
        $this->offer($gone, ['quantity' => 2]);

        $row = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers"))->assertOk()->json('items.0.short');
        self::assertIsArray($row);
        self::assertSame(['Buy now', '2 × Last jar', 'straight to paying', true], [$row['caption'], $row['goods'], $row['leads'], $row['is_sold_out']]);
    }

    /** @return array<string, mixed> */
    private static function to(Offer $offer, string $state): array
    {
        return ['offer' => $offer->id, 'state' => $state, 'look' => null];
    }

    /** @return array<string, mixed> */
    private static function looks(Offer $offer, ?int $look): array
    {
        return ['offer' => $offer->id, 'state' => null, 'look' => $look];
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function many(mixed $changes, bool $takesBack = false): TestResponse
    {
        return $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers/many"), ['changes' => $changes, 'takes_back' => $takesBack]);
    }

    /** @return list<string> */
    private function states(Offer ...$offers): array
    {
        return array_values(array_map(static fn (Offer $offer): string => $offer->refresh()->state->value, $offers));
    }

    /** @return list<array{int|null, int}> look and version */
    private function worn(Offer ...$offers): array
    {
        return array_values(array_map(static fn (Offer $offer): array => [$offer->refresh()->look_id, $offer->version], $offers));
    }
}
