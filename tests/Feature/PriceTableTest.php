<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use PaperKite\Money\Percentage;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use Tests\TestCase;

/** Offers side by side. */
final class PriceTableTest extends TestCase
{
    private Shop $shop;

    /** @var list<int> */
    private array $offers;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->offers = array_map(fn (int $cents): int => $this->offer($this->product($this->shop, ['name' => "Jar {$cents}", 'price_minor' => $cents]))->id, [500, 900, 1600, 2200, 3000]);
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_table_stands_its_offers_side_by_side_each_under_a_link_of_its_own(): void
    {
        $table = $this->postJson($this->address(''), $this->entry([0, 1, 2], 1))->assertCreated()->assertJsonPath('columns.1.is_stressed', true)->json();
        self::assertIsArray($table);
        $snippet = is_string($table['snippet'] ?? null) ? $table['snippet'] : '';

        self::assertSame(3, preg_match_all('~/k/([0-9a-z]{7})~', $snippet, $codes));
        self::assertCount(3, array_unique($codes[1]));
        foreach (['€5.00', '€9.00', '€16.00', 'Jar 500'] as $part) {
            self::assertStringContainsString($part, $snippet);
        }
        self::assertStringNotContainsString((string) $this->shop->payee, $snippet);
    }

    public function test_a_column_keeps_its_link_when_the_others_move(): void
    {
        $id = $this->made([0, 1, 2]);
        $codes = $this->codes($id);
        $this->putJson($this->address("/{$id}"), $this->entry([2, 0], null))->assertOk()->assertJsonPath('columns.0.offer_id', $this->offers[2]);

        self::assertSame([$codes[2], $codes[0]], $this->codes($id));
        // The link that stood in the column that went leads on still.
        $this->get("http://{$this->shop->host}/k/{$codes[1]}", ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303);
    }

    public function test_a_table_that_is_put_away_sinks_in_the_list_and_leads_on(): void
    {
        $id = $this->made([0, 1]);
        $this->postJson($this->address(''), ['name' => 'Pots'] + $this->entry([2, 3], null))->assertCreated();
        $this->shop->priceTables()->whereKey($id)->update(['is_stale' => true, 'updated_at' => now()->addMinute()]);
        $this->getJson($this->address(''))->assertJsonPath('items.0.id', $id);

        $this->postJson($this->address("/{$id}/away"), ['is_away' => true])->assertOk()->assertJsonPath('is_away', true);
        $this->getJson($this->address(''))->assertJsonPath('items.1.id', $id)->assertJsonPath('items.0.is_away', false);
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/copies"))->assertJsonCount(0, 'tables');
        $this->get("http://{$this->shop->host}/k/{$this->codes($id)[0]}", ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303);

        $this->postJson($this->address("/{$id}/away"), ['is_away' => false])->assertOk()->assertJsonPath('is_away', false);
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/copies"))->assertJsonCount(1, 'tables');
    }

    public function test_a_table_has_two_to_four_columns_of_this_shop(): void
    {
        foreach ([[0], [0, 1, 2, 3, 4], [0, 0]] as $columns) {
            $this->postJson($this->address(''), $this->entry($columns, null))->assertUnprocessable()->assertJsonValidationErrorFor('columns');
        }
        $this->postJson($this->address(''), ['name' => ''] + $this->entry([0, 1], null))->assertUnprocessable()->assertJsonPath('errors.name.0', 'The name of the price table is missing.');
        $this->made([0, 1]);
        $this->postJson($this->address(''), $this->entry([2, 3], null))->assertUnprocessable()->assertJsonPath('errors.name.0', 'There is a price table called “Jars” already; choose another name.');
        $this->getJson($this->address(''))->assertOk()->assertJsonPath('at.total', 1);
    }

    public function test_a_price_that_changes_makes_the_copy_stale(): void
    {
        $id = $this->made([0, 1]);
        $digest = $this->getJson($this->address("/{$id}"))->json('digest');
        $this->postJson($this->address("/{$id}/copied"), ['digest' => $digest])->assertOk()->assertJsonPath('is_stale', false);
        Offer::query()->findOrFail($this->offers[1])->lines()->firstOrFail()->product()->firstOrFail()->update(['price_minor' => 950]);
        self::assertSame(0, Artisan::call('copies:recheck'));

        $this->getJson($this->address("/{$id}"))->assertJsonPath('is_stale', true);
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/copies"))->assertJsonPath('at.total', 0)->assertJsonPath('tables.0.name', 'Jars');
        $this->post($this->console("/preview/{$this->shop->slug}/tables"), ['ground' => 'patterned', 'table' => json_encode($this->entry([0, 1], null))])->assertOk()->assertSee('€9.50');
    }

    public function test_a_column_says_what_its_seller_writes_and_keeps_it(): void
    {
        $entry = $this->entry([0, 1], 1);
        $entry['badge'] = 'Most taken';
        $entry['columns'] = [['name' => 'Small', 'text' => "Lasts a week\n\nGlass jar"] + $entry['columns'][0], $entry['columns'][1]];
        $table = $this->postJson($this->address(''), $entry)->assertCreated()
            ->assertJsonPath('columns.0.name', 'Small')->assertJsonPath('columns.0.text', "Lasts a week\n\nGlass jar")->assertJsonPath('badge', 'Most taken')->json();
        self::assertIsArray($table);
        $snippet = is_string($table['snippet'] ?? null) ? $table['snippet'] : '';
        foreach (['>Small<', '>Lasts a week<', '>Glass jar<', '>Most taken<', '>Jar 900<', 'aria-label="Buy now: Small"', 'aria-label="Buy now: Jar 900"'] as $part) {
            self::assertStringContainsString($part, $snippet);
        }
        $id = is_int($table['id'] ?? null) ? $table['id'] : 0;
        // An offer that leaves the table and comes back begins anew.
        $this->putJson($this->address("/{$id}"), $this->entry([2, 1], 1))->assertOk();
        $this->putJson($this->address("/{$id}"), $this->entry([0, 1], 1))->assertOk()->assertJsonPath('columns.0.text', '');
    }

    public function test_what_can_not_stand_in_a_column_is_refused_where_it_stands(): void
    {
        $entry = $this->entry([0, 1], 1);
        $entry['badge'] = str_repeat('ü', 31);
        $entry['columns'] = [['name' => str_repeat('x', 61), 'text' => implode("\n", range(1, 7))] + $entry['columns'][0], ['name' => "a\0b", 'text' => str_repeat('y', 101)] + $entry['columns'][1]];
        $fields = ['badge', 'columns.0.name', 'columns.0.text', 'columns.1.name', 'columns.1.text'];
        $this->postJson($this->address(''), $entry)->assertUnprocessable()->assertJsonValidationErrors($fields)
            ->assertJsonPath('errors', static fn (array $errors): bool => $errors['columns.0.text'] === ['The text of the column has 7 lines; shorten it to 6.']);
        self::assertSame($fields, array_keys((array) $this->postJson($this->address('/trial'), $entry)->assertOk()->json('errors')));
    }

    public function test_no_column_that_sells_nothing_is_passed_over_in_silence(): void
    {
        $id = $this->made([0, 1]);
        Offer::query()->whereKey($this->offers[1])->update(['state' => 'archived']);

        $this->getJson($this->address(''))->assertJsonPath('items.0.columns.0.caution', '')->assertJsonPath('items.0.columns.1.caution', static fn (string $said): bool => str_starts_with($said, 'This offer is archived'));
        $this->postJson($this->address('/trial'), $this->entry([0, 1, 2], null))->assertOk()->assertJsonPath("cautions.{$this->offers[1]}", static fn (string $said): bool => str_contains($said, 'bring the offer back'))->assertJsonCount(1, 'cautions');
        $this->getJson($this->address("/{$id}"))->assertJsonPath('columns.1.state', 'archived');
    }

    public function test_a_column_brings_no_style_sheet_along_whatever_its_place_says(): void
    {
        $this->made([0, 1]);
        $column = Placement::query()->where('offer_id', $this->offers[0])->firstOrFail();
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/placements/{$column->id}"), ['page' => 'Jars', 'medium' => 'html', 'label' => '', 'caption' => '', 'brings_sheet' => true])->assertOk();

        self::assertStringNotContainsString('<link', $this->snippet());
        self::assertSame('price_table', $column->refresh()->medium);
    }

    public function test_tax_that_comes_on_top_is_told_beside_the_price(): void
    {
        self::assertStringNotContainsString('plus tax', $this->snippet());
        $this->shop->update(['rules' => new ShopRules($this->shop->currency(), $this->shop->zone(), new TaxRates(false, ['IE' => ['standard' => Percentage::fromEntry('23')]]), null, [])]);
        self::assertSame(2, substr_count($this->snippet(), 'plus tax'));
    }

    public function test_the_preview_is_of_what_is_typed_and_of_no_foreign_offer(): void
    {
        $foreign = $this->offer($this->product($this->shop(), ['name' => 'A bowl']))->id;
        $entry = self::tableEntry('<b>Jars</b>', [$this->offers[0], $foreign]);
        $preview = fn (mixed $table): TestResponse => $this->post($this->console("/preview/{$this->shop->slug}/tables"), ['ground' => 'light', 'table' => is_string($table) ? $table : json_encode($table)])->assertOk();

        $preview($entry)->assertSee('Jar 500')->assertDontSee('A bowl')->assertDontSee('<b>Jars</b>', false);
        $preview('{')->assertSee('A price table');
        $preview(['columns' => 'none', 'name' => []]);
        self::assertSame(0, $this->shop->priceTables()->count());
    }

    private function snippet(): string
    {
        $id = $this->shop->priceTables()->first()->id ?? $this->made([0, 1]);
        $snippet = $this->getJson($this->address("/{$id}"))->json('snippet');

        return is_string($snippet) ? $snippet : '';
    }

    /** @param  list<int>  $columns */
    private function made(array $columns): int
    {
        $id = $this->postJson($this->address(''), $this->entry($columns, null))->assertCreated()->json('id');

        return is_int($id) ? $id : self::fail('A table has a number.');
    }

    /** @return list<string> */
    private function codes(int $id): array
    {
        $snippet = $this->getJson($this->address("/{$id}"))->json('snippet');
        preg_match_all('~/k/([0-9a-z]{7})~', is_string($snippet) ? $snippet : '', $codes);

        return $codes[1];
    }

    /**
     * @param  list<int>  $columns  by their place in the list of offers
     * @return array{name: string, columns: list<array{offer_id: int, name: string, text: string}>, stressed: int|null, badge: string}
     */
    private function entry(array $columns, ?int $stressed): array
    {
        return self::tableEntry('Jars', array_map(fn (int $column): int => $this->offers[$column], $columns), $stressed === null ? null : $this->offers[$stressed]);
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/price-tables{$path}");
    }
}
