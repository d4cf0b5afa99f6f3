<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Marketplace;
use App\Models\PartnerAddress;
use App\Models\Product;
use App\Models\Shop;
use App\PriceWatch\CheckPrice;
use App\PriceWatch\HostTurns;
use App\PriceWatch\Looked;
use App\PriceWatch\PriceSource;
use App\PriceWatch\WatchedHosts;
use App\PriceWatch\WatchPrices;
use App\PriceWatch\WatchPricesJob;
use App\Time\Clock;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\Item;
use PaperKite\Partner\Marketplace as CoreMarketplace;
use PaperKite\Partner\PartnerRules;
use PaperKite\Partner\Price\PageProblem;
use PaperKite\Partner\Price\PriceRule;
use PaperKite\Partner\Price\PriceState;
use PaperKite\Partner\Price\SeenPage;
use PaperKite\Partner\Price\StalePrice;
use Tests\TestCase;

/** The pages of partners' items are looked at, and what they say is kept, shown, told and mended. */
final class PriceWatchTest extends TestCase
{
    private Shop $shop;

    private Marketplace $quay;

    private Product $lamp;

    /** @var list<SeenPage|PageProblem|Looked> what the next looks find, in order; the last one stays */
    private array $pages = [];

    private int $looks = 0;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->quay = $this->marketplace($this->shop, ['country' => 'IE', 'currency' => 'EUR']);
        $this->lamp = $this->partnerProduct($this->shop, [], $this->quay);
        $this->address()->update(['price_minor' => 4600, 'priced_on' => '2026-01-02', 'check_at' => now()->subHour()]);
        $this->app->instance(WatchedHosts::class, WatchedHosts::of('quay.example,quay-de.example', ''));
        $this->app->instance(PriceSource::class, new class(fn (): SeenPage|PageProblem|Looked => $this->next()) implements PriceSource
        {
            /** @param  Closure(): (SeenPage|PageProblem|Looked)  $next */
            public function __construct(private readonly Closure $next) {}

            public function look(CoreMarketplace $marketplace, Item $item): Looked
            {
                $found = ($this->next)();

                return $found instanceof Looked ? $found : new Looked($found);
            }
        });
        DB::table('price_hosts')->delete();
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_price_that_is_still_right_is_seen_today_and_looked_at_tomorrow(): void
    {
        $this->looksAt(self::page(4600));

        $address = $this->address();
        self::assertSame([PriceState::Same, 4600, app(Clock::class)->now()->setTimezone($this->shop->zone())->toDateString()], [$address->price_state, $address->price_minor, $address->priced_on?->toDateString()]);
        self::assertEqualsWithDelta(24 * 3600, $address->check_at?->getTimestamp() - now()->getTimestamp(), 60);
        self::assertSame(0, (app(WatchPrices::class))(1.0), 'It is looked at once.');
    }

    public function test_a_price_that_moved_is_hidden_listed_and_taken_over_and_the_form_remembers_both(): void
    {
        $this->looksAt(self::page(4900));
        $this->get("http://{$this->shop->host}/p/{$this->lamp->sku}")->assertOk()->assertDontSee('€46.00')->assertDontSee('€49.00');
        $listed = $this->getJson($this->api('/prices'))->assertOk()
            ->assertJsonPath('items.0.state', 'changed')->assertJsonPath('items.0.price.shown', '€46.00')->assertJsonPath('items.0.found.shown', '€49.00')
            ->assertJsonPath('items.0.is_shown', false)->assertJsonPath('items.0.what', 'Shoppers see no price here until you choose.')->assertJsonPath('states.1.count', 1)->assertJsonPath('unwatched', []);
        $id = $listed->json('items.0.id');

        $this->postJson($this->api('/prices/acts'), ['act' => 'take_over', 'prices' => [$id]])->assertNoContent();
        $this->postJson($this->api('/prices/acts'), ['act' => 'take_over', 'prices' => [$id]])->assertNoContent();
        self::assertSame([PriceState::Same, 4900], [$this->address()->price_state, $this->address()->price_minor]);
        $this->get("http://{$this->shop->host}/p/{$this->lamp->sku}")->assertOk()->assertSee('€49.00, seen there on');
        $this->getJson($this->api("/history/product/{$this->lamp->id}"))->assertOk()->assertJsonCount(2, 'items')->assertSee('46.00')->assertSee('49.00');
    }

    public function test_the_seller_may_show_none_and_look_again(): void
    {
        $this->looksAt(self::page(4900));
        $this->postJson($this->api('/prices/acts'), ['act' => 'hide', 'prices' => [$this->address()->id]])->assertNoContent();
        self::assertSame([PriceState::Same, null, null], [$this->address()->price_state, $this->address()->price_minor, $this->address()->priced_on]);

        $this->postJson($this->api('/prices/acts'), ['act' => 'look_again', 'prices' => [$this->address()->id]])->assertNoContent();
        self::assertLessThanOrEqual(app(Clock::class)->now()->getTimestamp(), $this->address()->check_at?->getTimestamp());
        Queue::assertPushed(WatchPricesJob::class);
    }

    public function test_where_the_seller_says_so_a_new_price_is_shown_by_itself(): void
    {
        $this->shop->update(['partner_rules' => new PartnerRules(new PriceRule(14, StalePrice::Hide, true))]);
        $this->looksAt(self::page(4900));

        self::assertSame([PriceState::Same, 4900], [$this->address()->price_state, $this->address()->price_minor]);
    }

    public function test_an_old_price_is_hidden_or_marked_as_the_shop_has_it(): void
    {
        $product = "http://{$this->shop->host}/p/{$this->lamp->sku}";
        $this->address()->update(['priced_on' => now()->subDays(15)->toDateString()]);
        $this->get($product)->assertSee('it may have changed since');
        $this->shop->update(['partner_rules' => new PartnerRules(new PriceRule(14, StalePrice::Hide))]);
        $this->get($product)->assertDontSee('€46.00');
        $this->shop->update(['partner_rules' => new PartnerRules(new PriceRule(15, StalePrice::Hide))]);
        $this->get($product)->assertSee('€46.00, seen there on');
    }

    public function test_a_copied_table_is_outdated_by_another_price_and_not_by_another_day(): void
    {
        $table = $this->shop->priceTables()->create(['name' => 'Lamps']);
        foreach ([$this->offer($this->lamp), $this->offer($this->product($this->shop))] as $position => $offer) {
            $this->placement($offer, 'Lamps', ['medium' => 'price_table', 'price_table_id' => $table->id, 'table_position' => $position]);
        }
        $this->looksAt(self::page(4600));
        $told = $this->getJson($this->api("/price-tables/{$table->id}"))->assertOk();
        self::assertStringContainsString('€46.00, seen there on', is_string($told->json('snippet')) ? $told->json('snippet') : '');
        $this->postJson($this->api("/price-tables/{$table->id}/copied"), ['digest' => $told->json('digest')])->assertOk()->assertJsonPath('is_stale', false);

        $this->address()->update(['priced_on' => now()->subDays(3)->toDateString()]);
        $this->artisan('copies:recheck');
        $this->getJson($this->api("/price-tables/{$table->id}"))->assertJsonPath('is_stale', false);
        $this->address()->update(['priced_on' => now()->subDays(30)->toDateString()]);
        $this->artisan('copies:recheck');
        $this->getJson($this->api("/price-tables/{$table->id}"))->assertJsonPath('is_stale', true);
    }

    public function test_what_is_gone_leads_to_the_next_marketplace_and_else_to_what_its_own_finds(): void
    {
        $germany = $this->marketplace($this->shop, ['name' => 'Quay Germany', 'hosts' => ['quay-de.example'], 'country' => 'DE', 'currency' => 'EUR', 'partner_id' => 'moss-de']);
        $this->lamp->addresses()->create(['shop_id' => $this->shop->id, 'marketplace_id' => $germany->id, 'position' => 1, 'target' => new Item(['nr' => '7'])]);
        $placement = $this->placement($this->offer($this->lamp));
        $led = fn (): ?string => $this->get("http://{$this->shop->host}/k/{$placement->code}", ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document', 'Accept-Language' => 'en-IE'])->headers->get('Location');
        self::assertStringStartsWith('https://quay.example/goods?nr=90210', (string) $led());

        $this->looksAt(PageProblem::Gone);
        self::assertSame(PriceState::Vanished, $this->address()->price_state);
        self::assertStringStartsWith('https://quay-de.example/goods?nr=7&kaj=moss-de', (string) $led());
        $this->getJson($this->api('/prices?state=vanished'))->assertJsonPath('items.0.what', 'Clicks go to Quay Germany now. Give it another address, or put other goods in its place.')->assertJsonCount(1, 'items');

        $this->lamp->addresses()->where('marketplace_id', $germany->id)->delete();
        self::assertSame("https://quay.example/find?q=Brass%20lamp&kaj=moss-7&note={$placement->code}", str_replace('+', '%20', (string) $led()));
        $this->getJson($this->api('/prices'))->assertJsonPath('items.0.what', 'Clicks go to what Quay Sweden finds for its name. Give it another address, or put other goods in its place.');

        // Once it is there again, it is led to again.
        $this->pages = [self::page(4600)];
        $this->address()->update(['check_at' => now()->subHour()]);
        DB::table('price_hosts')->delete();
        app(WatchPrices::class)(1.0);
        self::assertStringStartsWith('https://quay.example/goods?nr=90210', (string) $led());
    }

    public function test_a_page_that_is_missing_once_may_be_a_mistake_of_the_day(): void
    {
        $this->looksAt(PageProblem::NotFound);
        self::assertSame(PriceState::Unreadable, $this->address()->price_state);
        self::assertEqualsWithDelta(3600, $this->address()->check_at?->getTimestamp() - now()->getTimestamp(), 60);
        $this->looksAt(PageProblem::NotFound);
        self::assertSame(PriceState::Vanished, $this->address()->price_state);
    }

    public function test_what_the_seller_saves_while_a_page_is_looked_at_stands(): void
    {
        $this->pages = [self::page(4900)];
        $stale = $this->address();
        // Another item is put in its place.
        $this->address()->update(['target' => new Item(['nr' => '1']), 'price_minor' => 100]);
        (app(CheckPrice::class))($stale);

        self::assertSame([null, 100], [$this->address()->price_state, $this->address()->price_minor]);
    }

    public function test_the_form_keeps_what_is_known_and_forgets_it_with_another_item(): void
    {
        $this->looksAt(self::page(4900));
        $entry = $this->getJson($this->api("/products/{$this->lamp->id}"))->json('entry');
        self::assertIsArray($entry);
        $this->putJson($this->api("/products/{$this->lamp->id}"), array_replace_recursive($entry, ['name' => 'Lamp', 'addresses' => [['price' => '49.00', 'category' => 'Lamps']]]))->assertOk();
        self::assertSame([PriceState::Same, 4900, 'Lamps'], [$this->address()->price_state, $this->address()->price_minor, $this->address()->category]);

        $this->putJson($this->api("/products/{$this->lamp->id}"), array_replace_recursive($entry, ['addresses' => [['text' => 'https://quay.example/goods?nr=5']]]))->assertOk();
        self::assertSame([null, null], [$this->address()->price_state, $this->address()->found_minor]);
    }

    public function test_each_host_is_asked_once_a_second_and_left_alone_for_as_long_as_it_says(): void
    {
        $turns = app(HostTurns::class);
        self::assertSame(0, $turns->take('quay.example:443'));
        self::assertGreaterThan(500, $turns->take('quay.example:443'));
        self::assertSame(0, $turns->take('other.example:443'));

        for ($i = 0; $i < 3; $i++) {
            $more = $this->partnerProduct($this->shop, ['name' => "Lamp {$i}"], $this->quay);
            $more->addresses()->update(['check_at' => now()->subHour()]);
        }
        DB::table('price_hosts')->delete();
        $this->pages = [self::page(4600)];
        $began = microtime(true);
        self::assertSame(3, app(WatchPrices::class)(2.7));
        self::assertGreaterThan(1.9, microtime(true) - $began);

        DB::table('price_hosts')->delete();
        $this->pages = [new Looked(PageProblem::Refused, 90)];
        self::assertSame(1, app(WatchPrices::class)(1.5));
        self::assertGreaterThan(80_000, $turns->take('quay.example:443'));
    }

    public function test_hosts_that_the_operator_has_not_allowed_are_not_asked_and_said(): void
    {
        $this->app->instance(WatchedHosts::class, WatchedHosts::of('', ''));
        $this->looksAt(self::page(4900));

        self::assertSame([0, null], [$this->looks, $this->address()->price_state]);
        $this->getJson($this->api('/prices'))->assertJsonPath('unwatched', ['Quay Sweden'])->assertJsonPath('items.0.label', 'Not looked at yet');
    }

    public function test_another_shop_sees_and_changes_nothing_of_it(): void
    {
        $this->looksAt(self::page(4900));
        $other = $this->shop();
        $this->actingAs($this->person($other));
        $api = "/api/shops/{$other->slug}";

        $this->getJson($this->console("{$api}/prices"))->assertOk()->assertJsonPath('items', []);
        $this->getJson($this->console("{$api}/commission"))->assertOk()->assertJsonPath('items', []);
        $this->postJson($this->console("{$api}/prices/acts"), ['act' => 'take_over', 'prices' => [$this->address()->id]])->assertNoContent();
        $this->getJson($this->console("{$api}/commission/{$this->address()->id}/break-even?cost=10"))->assertNotFound();
        self::assertSame(PriceState::Changed, $this->address()->price_state);
    }

    public function test_the_rules_are_saved_refused_and_said_again(): void
    {
        $rules = ['price_days' => '7', 'stale' => 'hide', 'takes_over' => true, 'title_words' => '4', 'text_words' => '300', 'conversion' => '1.5'];
        $this->putJson($this->api('/partners/rules'), $rules)->assertOk()->assertJsonPath('entry', $rules)->assertJsonPath('version', 2);
        $this->putJson($this->api('/partners/rules'), ['price_days' => '0', 'stale' => '', 'conversion' => '101', 'text_words' => ' 12x', 'title_words' => '٣'])->assertUnprocessable()->assertJsonPath('errors', [
            'price_days' => ['Write a number of days from 1 to 365.'],
            'title_words' => ['Write a number of words from 1 to 30.'],
            'text_words' => ['Write a number of words from 1 to 5000.'],
            'stale' => ['Choose what becomes of an old price.'],
            'conversion' => ['“101” is more than 100 percent; enter a percentage from 0 to 100.'],
        ]);
        $this->getJson($this->api('/partners/rules'))->assertJsonPath('entry', $rules);
    }

    public function test_a_text_that_is_the_marketplaces_own_is_marked_and_listed_until_it_is_ones_own(): void
    {
        $theirs = 'It burns for a night on a cup of oil. Made of solid brass, with a glass that stands the wind.';
        $this->looksAt(new SeenPage(Money::ofMinor(4600, Currency::of('EUR')), 'QUAY® Premium Storm Lantern, Brass, 30 cm', $theirs));
        $entry = $this->getJson($this->api("/products/{$this->lamp->id}"))->json('entry');
        self::assertIsArray($entry);
        $copied = array_replace($entry, ['name' => 'QUAY® Premium Storm Lantern, Brass, 30 cm', 'summary' => "<p>{$theirs}</p>", 'text_by' => '2026-09-01']);

        $this->postJson($this->api("/products/check?except={$this->lamp->id}"), $copied)->assertOk()
            ->assertJsonPath('writing.shorter', 'Storm Lantern')->assertJsonPath('writing.is_title_long', true)->assertJsonPath('writing.is_copied', true)
            ->assertJsonPath('writing.copied', '100 % of your words stand there as they are; the two texts are alike by 100 %.')
            ->assertJsonPath('writing.segments.0.is_copied', true)->assertJsonPath('writing.text', '21 words, 93 characters; your limit is 500 words.');
        $this->putJson($this->api("/products/{$this->lamp->id}"), $copied)->assertOk();
        $this->getJson($this->api('/products?state=text_due'))->assertJsonCount(1, 'items')->assertJsonPath('items.0.text_by', '2026-09-01');

        $this->putJson($this->api("/products/{$this->lamp->id}"), array_replace($copied, ['summary' => '<p>The one that hangs in our porch since spring.</p>']))->assertOk();
        $this->getJson($this->api('/products?state=text_due'))->assertJsonCount(0, 'items');
        $this->getJson($this->api('/products/states'))->assertJsonPath('items.2', ['state' => 'text_due', 'label' => 'Text to write', 'count' => 0]);
        $this->putJson($this->api("/products/{$this->lamp->id}"), array_replace($copied, ['text_by' => 'soon']))->assertUnprocessable()->assertJsonPath('errors.text_by.0', '“soon” is not a day; enter one such as 2026-05-01.');
    }

    public function test_the_page_of_an_item_is_looked_at_while_it_is_put_in(): void
    {
        $this->pages = [new SeenPage(Money::ofMinor(4600, Currency::of('EUR')), 'QUAY Storm Lantern for porches', 'Burns.')];
        $this->postJson($this->api('/partners/page'), ['address' => 'https://quay.example/goods?nr=5'])->assertOk()->assertExactJson(['price' => '46.00', 'title' => 'QUAY Storm Lantern for porches', 'shorter' => 'Storm Lantern', 'text' => 'Burns.', 'problem' => '']);
        $this->postJson($this->api('/partners/page'), ['address' => 'https://quay.example/about'])->assertUnprocessable();
        $this->postJson($this->api('/partners/page'), ['address' => 'http://127.0.0.1/'])->assertUnprocessable();
        $this->app->instance(WatchedHosts::class, WatchedHosts::of('', ''));
        $this->postJson($this->api('/partners/page'), ['address' => 'https://quay.example/goods?nr=5'])->assertOk()->assertJsonPath('problem', PageProblem::NotAllowed->sentence());
    }

    private function next(): SeenPage|PageProblem|Looked
    {
        $this->looks++;

        return (count($this->pages) > 1 ? array_shift($this->pages) : $this->pages[0] ?? null) ?? self::fail('Nothing was to be looked at.');
    }

    private function looksAt(SeenPage|PageProblem $page): void
    {
        $this->pages = [$page];
        PartnerAddress::query()->where('product_id', $this->lamp->id)->where('marketplace_id', $this->quay->id)->update(['check_at' => now()->subHour()]);
        DB::table('price_hosts')->delete();
        app(WatchPrices::class)(1.0);
    }

    private function address(): PartnerAddress
    {
        return PartnerAddress::query()->where('product_id', $this->lamp->id)->where('marketplace_id', $this->quay->id)->with('marketplace')->sole();
    }

    private static function page(int $minor): SeenPage
    {
        return new SeenPage(Money::ofMinor($minor, Currency::of('EUR')), 'Brass lamp', '');
    }

    private function api(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}{$path}");
    }
}
