<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use PaperKite\Offer\OfferState;
use Tests\TestCase;

final class OfferTest extends TestCase
{
    private Shop $shop;

    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        config(['kite.payments.provider' => 'standin']);
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop);
        $this->actingAs($this->person($this->shop));
    }

    public function test_the_proof_says_looks_at_and_reckons_what_stands_on_the_desk(): void
    {
        $this->postJson($this->address('/proof'), $this->entry(['quantity' => '2']))
            ->assertOk()
            ->assertJsonPath('findings', [])
            ->assertJsonPath('can_go_live', true)
            ->assertJsonPath('caption', 'Buy now')
            ->assertJsonPath('bill.total.shown', '€23.50')
            ->assertJsonPath('pages_to_payment', ['checkout'])
            ->assertJsonPath('sentence.1', ['text' => 'Buy now', 'slot' => 'caption', 'is_quoted' => true]);
    }

    public function test_the_proof_goes_on_while_a_slot_is_wrong_and_saving_does_not(): void
    {
        $this->postJson($this->address('/proof'), $this->entry(['quantity' => 'x']))
            ->assertOk()->assertJsonPath('findings.0.slot', 'quantity')->assertJsonPath('can_save', false);
        $this->postJson($this->address(''), $this->entry(['quantity' => 'x']))
            ->assertUnprocessable()->assertJsonPath('errors.quantity.0', 'The quantity can\'t be “x”; enter a whole number from 1 to 999.');
        $this->postJson($this->address(''), $this->entry(['caption' => str_repeat('x', 41)]))->assertUnprocessable()->assertJsonValidationErrorFor('caption');
        $this->postJson($this->address('/proof'), $this->entry(['destination' => 'moon']))->assertUnprocessable()->assertJsonValidationErrorFor('destination');
        self::assertSame(0, Offer::query()->count());
    }

    public function test_an_offer_is_saved_published_paused_archived_and_brought_back(): void
    {
        $id = $this->postJson($this->address(''), $this->entry(['caption' => ' Take one ']))->assertCreated()->assertJsonPath('state', 'draft')->assertJsonPath('caption', 'Take one')->json('id');
        self::assertIsInt($id);

        foreach (['live', 'paused', 'live', 'archived', 'paused'] as $state) {
            $this->postJson($this->address("/{$id}/state"), ['state' => $state])->assertOk()->assertJsonPath('state', $state);
        }
        $this->postJson($this->address("/{$id}/state"), ['state' => 'draft'])->assertUnprocessable()->assertJsonPath('errors.state.0', 'An offer that is paused can’t become draft.');
        $this->putJson($this->address("/{$id}"), $this->entry(['caption' => '', 'destination' => 'cart']))->assertOk()->assertJsonPath('caption', null)->assertJsonPath('destination', 'cart');
    }

    public function test_without_a_payee_nothing_goes_live(): void
    {
        $this->shop->update(['payee' => null]);
        $offer = $this->offer($this->honey, ['state' => OfferState::Draft]);

        $this->postJson($this->address("/{$offer->id}/state"), ['state' => 'live'])->assertUnprocessable()->assertJsonValidationErrorFor('state');
        self::assertSame(OfferState::Draft, $offer->refresh()->state);
    }

    public function test_an_offer_is_placed_under_a_code_of_its_own(): void
    {
        $offer = $this->offer($this->honey);

        $this->postJson($this->address("/{$offer->id}/placements"), ['page' => 'the spring post'])->assertCreated()->assertJsonCount(1, 'placements');
        $second = $this->postJson($this->address("/{$offer->id}/placements"), ['page' => '<b>the footer</b>'])->assertCreated()->assertJsonCount(2, 'placements')->json('placements.1');
        self::assertIsArray($second);
        self::assertMatchesRegularExpression('~\Ahttp://'.preg_quote($this->shop->host).'(:\d+)?/k/[0-9a-hjkmnp-tv-z]{7}\z~', is_string($second['url']) ? $second['url'] : '');
        $this->postJson($this->address("/{$offer->id}/placements"), ['page' => ' '])->assertUnprocessable()->assertJsonPath('errors.page.0', 'The name of the page is missing.');
        $this->postJson($this->address('/proof?offer='.$offer->id), $this->entry([]))->assertJsonPath('sentence.3.text', 'the spring post');
    }

    public function test_the_list_is_filtered_paged_and_asks_the_database_five_times_at_most(): void
    {
        foreach (range(1, 25) as $number) {
            $this->placement($this->offer($this->honey, ['caption' => "Offer {$number}"]), "page {$number}");
        }
        $queries = 0;
        DB::listen(static function () use (&$queries): void {
            $queries++;
        });

        $this->getJson($this->address(''))->assertOk()->assertJsonPath('at', ['page' => 1, 'pages' => 2, 'total' => 25])->assertJsonCount(20, 'items')->assertJsonCount(30, 'items.0.trace');
        // Beside the list's own five, the framework asks for the shop and for the membership.
        self::assertLessThanOrEqual(5 + 2, $queries);
        $this->getJson($this->address('?search=Offer+13'))->assertJsonPath('at.total', 1)->assertJsonPath('items.0.pages.0', 'page 13');
        $this->getJson($this->address('?search=page+7'))->assertJsonPath('at.total', 1);
    }

    public function test_the_preview_stands_in_a_frame_without_rights(): void
    {
        $answer = $this->get($this->console('/preview/button?ground=dark&caption='.rawurlencode('<script>x</script>')))->assertOk()->assertSee('&lt;script&gt;', false);

        self::assertStringContainsString('sandbox;', (string) $answer->headers->get('Content-Security-Policy'));
        $this->getJson($this->console('/preview/button?ground=space&caption=x'))->assertUnprocessable();
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private function entry(array $with): array
    {
        return $with + ['product_id' => $this->honey->id, 'quantity' => '1', 'destination' => 'pay', 'cart_use' => 'just_this', 'caption' => ''];
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/offers{$path}");
    }
}
