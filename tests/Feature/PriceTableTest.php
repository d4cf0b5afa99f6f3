<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Shop;
use Illuminate\Support\Facades\Artisan;
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
            $this->postJson($this->address(''), $this->entry($columns, null))->assertUnprocessable()->assertJsonValidationErrorFor('offers');
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
        $this->get($this->console("/preview/{$this->shop->slug}/tables/{$id}?ground=patterned"))->assertOk()->assertSee('€9.50');
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
     * @return array<string, mixed>
     */
    private function entry(array $columns, ?int $stressed): array
    {
        return ['name' => 'Jars', 'offers' => array_map(fn (int $column): int => $this->offers[$column], $columns), 'stressed' => $stressed === null ? null : $this->offers[$stressed]];
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/price-tables{$path}");
    }
}
