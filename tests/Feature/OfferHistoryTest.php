<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Person;
use App\Models\Shop;
use App\Offers\OfferForm;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Every change of an offer is a page of its history, and any of them can be had again. */
final class OfferHistoryTest extends TestCase
{
    private Shop $shop;

    private Offer $offer;

    private Person $wren;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->offer = $this->offer($this->product($this->shop), ['caption' => 'The first']);
        $this->wren = $this->person($this->shop);
        $this->actingAs($this->wren);
    }

    public function test_the_history_is_paged_and_each_page_knows_what_came_before_it(): void
    {
        foreach (range(2, 25) as $number) {
            $this->change(['words' => ['idle' => "No. {$number}"]]);
        }
        $queries = 0;
        DB::listen(static function () use (&$queries): void {
            $queries++;
        });

        $this->history(1)->assertJsonPath('at', ['page' => 1, 'pages' => 2, 'total' => 25, 'is_more' => false])->assertJsonCount(20, 'items')->assertJsonPath('items.0.version', 25)
            // The last of a page is told beside the first of the next.
            ->assertJsonPath('items.19.difference.1.text', '5 ');
        self::assertLessThanOrEqual(5 + 2, $queries);
        $this->history(2)->assertJsonCount(5, 'items')->assertJsonPath('items.4.entry.words.idle', 'The first')->assertJsonPath('items.4.difference.0.was_there', true);
    }

    public function test_what_once_stood_on_the_desk_stands_there_again_and_the_history_goes_on(): void
    {
        $this->change(['words' => ['idle' => 'The second'], 'destination' => 'cart', 'opening' => 'new_tab']);
        $first = $this->history(1)->json('items.1.entry');
        self::assertIsArray($first);

        $this->putJson($this->address(), $first + ['version' => 2])->assertOk()->assertJsonPath('entry.words.idle', 'The first')->assertJsonPath('entry.destination', 'pay')->assertJsonPath('version', 3);
        $this->history(1)->assertJsonPath('at.total', 3)->assertJsonPath('items.0.entry', $first);
    }

    public function test_a_change_that_is_refused_is_no_page_of_the_history(): void
    {
        $this->putJson($this->address(), ['landing' => 'https://crow.example/'] + $this->entry())->assertUnprocessable();
        $this->putJson($this->address(), ['version' => 7] + $this->entry())->assertConflict();

        $this->history(1)->assertJsonPath('at.total', 0);
        self::assertSame(1, $this->offer->refresh()->version);
    }

    public function test_who_changed_what_is_told_and_who_is_gone_is_nobody(): void
    {
        $this->change(['words' => ['idle' => 'Hers']]);
        $ivo = $this->person($this->shop);
        $this->actingAs($ivo);
        $this->change(['words' => ['idle' => 'His']]);
        $ivo->shops()->detach();
        $ivo->delete();
        $this->actingAs($this->wren);

        $this->history(1)->assertJsonPath('items.0.person', null)->assertJsonPath('items.1.person', 'Wren Halloway')->assertJsonPath('items.2.person', null);
    }

    public function test_publishing_and_pausing_are_no_changes_of_what_is_said(): void
    {
        $this->postJson($this->address().'/state', ['state' => 'paused'])->assertOk()->assertJsonPath('version', 1);

        $this->history(1)->assertJsonPath('at.total', 0);
    }

    public function test_a_product_that_has_gone_is_told_when_an_old_page_is_put_back(): void
    {
        $other = $this->product($this->shop, ['name' => 'Comb']);
        $this->change(['items' => [['product_id' => $other->id, 'variant' => '', 'quantity' => '1']]]);
        $first = $this->history(1)->json('items.1.entry');
        self::assertIsArray($first);
        $items = is_array($first['items']) ? $first['items'] : [];
        $gone = ['items' => [['product_id' => 999_999] + (is_array($items[0] ?? null) ? $items[0] : [])]] + $first;

        $this->putJson($this->address(), $gone)->assertUnprocessable()->assertJsonPath('errors', ['items.0.product' => ['The product that was picked is not in this shop; pick another.']]);
    }

    /** @param  array<string, mixed>  $with */
    private function change(array $with): void
    {
        $this->putJson($this->address(), $with + $this->entry())->assertOk();
    }

    /** @return array<string, mixed> */
    private function entry(): array
    {
        return self::sent(OfferForm::of($this->offer->refresh()->load(Offer::TOLD_WITH)));
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function history(int $page): TestResponse
    {
        return $this->getJson($this->address()."/history?page={$page}")->assertOk();
    }

    private function address(): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/offers/{$this->offer->id}");
    }
}
