<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
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
        $this->honey = $this->product($this->shop, ['sku' => 'heather']);
        $this->actingAs($this->person($this->shop));
    }

    public function test_the_proof_says_looks_at_and_reckons_what_stands_on_the_desk(): void
    {
        $this->postJson($this->address('/proof'), $this->entry(['items' => [$this->item(['quantity' => '2'])]]))
            ->assertOk()
            ->assertJsonCount(1, 'findings')->assertJsonPath('findings.0.room', 'first_rate')->assertJsonPath('findings.0.what', 'standard')
            ->assertJsonPath('can_go_live', true)
            ->assertJsonPath('words.0', ['state' => 'idle', 'text' => 'Buy now', 'source' => 'built_in', 'whence' => 'as built in'])
            ->assertJsonPath('bill.total.shown', '€23.50')
            ->assertJsonPath('country', 'Ireland')
            ->assertJsonPath('way', 'One step to payment: click, checkout, payment.')
            ->assertJsonPath('sentence.1', ['text' => 'Buy now', 'slot' => 'caption', 'item' => null, 'is_quoted' => true]);
        $this->postJson($this->address('/proof'), $this->entry(['country' => 'DE']))->assertJsonPath('country', 'Germany');
    }

    public function test_the_proof_goes_on_while_a_slot_is_wrong_and_saving_does_not(): void
    {
        $wrong = $this->entry(['items' => [$this->item(['quantity' => 'x'])]]);
        $this->postJson($this->address('/proof'), $wrong)
            ->assertOk()->assertJsonPath('findings.0.slot', 'quantity')->assertJsonPath('findings.0.item', 0)->assertJsonPath('can_save', false);
        $this->postJson($this->address(''), $wrong)
            ->assertUnprocessable()->assertJsonPath('errors', ['items.0.quantity' => ['The quantity can\'t be “x”; enter a whole number from 1 to 999.']]);
        $this->postJson($this->address(''), $this->entry(['words' => ['idle' => str_repeat('x', 41)]]))->assertUnprocessable()->assertJsonValidationErrorFor('caption');
        $this->postJson($this->address('/proof'), $this->entry(['destination' => 'moon']))->assertUnprocessable()->assertJsonValidationErrorFor('destination');
        self::assertSame(0, Offer::query()->count());
    }

    public function test_an_offer_is_saved_published_paused_archived_and_brought_back(): void
    {
        $id = $this->made(['words' => ['idle' => ' Take one ', 'added' => 'Yours']]);
        $this->getJson($this->address("/{$id}"))->assertJsonPath('state', 'draft')->assertJsonPath('entry.words', ['idle' => 'Take one', 'working' => '', 'added' => 'Yours', 'sold_out' => '', 'not_available' => '']);

        foreach (['live', 'paused', 'live', 'archived', 'paused'] as $state) {
            $this->postJson($this->address("/{$id}/state"), ['state' => $state])->assertOk()->assertJsonPath('state', $state);
        }
        $this->postJson($this->address("/{$id}/state"), ['state' => 'draft'])->assertUnprocessable()->assertJsonPath('errors.state.0', 'An offer that is paused can’t become draft.');
        $this->putJson($this->address("/{$id}"), $this->entry(['destination' => 'cart']))->assertOk()->assertJsonPath('entry.words.idle', '')->assertJsonPath('entry.destination', 'cart');
    }

    public function test_an_offer_holds_several_goods_in_their_variants(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small', 'Large'] as $position => $size) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $position, 'sku' => "wrap-{$size}", 'choices' => [$size], 'choices_digest' => hash('sha256', $size)]);
        }
        $items = [$this->item(['quantity' => '3']), ['product_id' => $wrap->id, 'variant' => 'wrap-Large', 'quantity' => '1', 'amount' => ''], ['product_id' => $wrap->id, 'variant' => '', 'quantity' => '2', 'amount' => '']];
        $id = $this->made(['items' => $items, 'destination' => 'cart', 'opening' => 'new_tab', 'landing' => '']);

        $this->getJson($this->address("/{$id}"))->assertJsonPath('entry.items', $items)
            ->assertJsonPath('decided', 'When someone clicks Add to cart in Kite silk, they get three × Heather honey, 340 g, one × Wrap in Large and two × Wrap in the kind they choose, go to the cart, in a new tab; then they land on our thank-you page.');
        $this->postJson($this->address('/proof'), $this->entry(['items' => $items]))->assertJsonPath('variants.1.1', ['sku' => 'wrap-Large', 'name' => 'Large', 'stock' => null])->assertJsonPath('way', '2 steps to payment: click, page of the offer, checkout, payment.');
        $wrap->variants()->where('sku', 'wrap-Large')->delete();
        $this->getJson($this->address("/{$id}"))->assertJsonPath('entry.items.1.variant', '');
    }

    public function test_the_second_of_two_sellers_is_told_and_loses_nothing(): void
    {
        $id = $this->made([]);
        $this->putJson($this->address("/{$id}"), $this->entry(['version' => 1, 'words' => ['idle' => 'Hers']]))->assertOk()->assertJsonPath('version', 2);
        $this->putJson($this->address("/{$id}"), $this->entry(['version' => 1, 'words' => ['idle' => 'His']]))->assertConflict()
            ->assertJsonPath('offer.version', 2)->assertJsonPath('offer.entry.words.idle', 'Hers');
        $this->putJson($this->address("/{$id}"), $this->entry(['version' => 2, 'words' => ['idle' => 'His']]))->assertOk()->assertJsonPath('version', 3);

        $this->getJson($this->address("/{$id}/history"))->assertOk()->assertJsonPath('at.total', 3)->assertJsonPath('items.0.person', 'Wren Halloway')
            ->assertJsonPath('items.0.difference.1', ['text' => 'Hers ', 'was_there' => true, 'is_there' => false])
            ->assertJsonPath('items.0.difference.2', ['text' => 'His ', 'was_there' => false, 'is_there' => true])
            ->assertJsonPath('items.1.entry.words.idle', 'Hers');
    }

    public function test_what_an_offer_said_before_its_history_began_is_kept_with_its_first_change(): void
    {
        $offer = $this->offer($this->honey, ['caption' => 'Once']);
        $this->putJson($this->address("/{$offer->id}"), $this->entry(['words' => ['idle' => 'Now']]))->assertOk();

        $this->getJson($this->address("/{$offer->id}/history"))->assertJsonPath('at.total', 2)->assertJsonPath('items.1.entry.words.idle', 'Once')->assertJsonPath('items.1.person', null)
            ->assertJsonPath('items.0.difference.1', ['text' => 'Once ', 'was_there' => true, 'is_there' => false]);
    }

    public function test_the_next_offer_is_made_from_one_that_is_there(): void
    {
        $id = $this->made(['words' => ['idle' => 'Take one']]);
        $this->postJson($this->address("/{$id}/placements"), $this->place([]))->assertCreated();
        $copy = $this->postJson($this->address("/{$id}/duplicate"))->assertCreated()->assertJsonPath('state', 'draft')->assertJsonPath('placements', [])->assertJsonPath('entry.words.idle', 'Take one')->json('id');

        self::assertNotSame($id, $copy);
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

        $this->postJson($this->address("/{$offer->id}/placements"), $this->place(['page' => 'the spring post']))->assertCreated()->assertJsonCount(1, 'placements');
        $second = $this->postJson($this->address("/{$offer->id}/placements"), $this->place(['page' => '<b>the footer</b>', 'medium' => 'markdown', 'caption' => 'Take *one*', 'label' => 'spring']))->assertCreated()->assertJsonCount(2, 'placements')->json('placements.1');
        self::assertIsArray($second);
        $url = is_string($second['url']) ? $second['url'] : '';
        self::assertMatchesRegularExpression('~\Ahttp://'.preg_quote($this->shop->host).'(:\d+)?/k/[0-9a-hjkmnp-tv-z]{7}\z~', $url);
        self::assertSame("[Take \\*one\\*](<{$url}>)", $second['snippet']);
        $this->postJson($this->address("/{$offer->id}/placements"), $this->place(['page' => ' ']))->assertUnprocessable()->assertJsonPath('errors.page.0', 'The name of the page is missing.');
        $this->postJson($this->address("/{$offer->id}/placements"), $this->place(['medium' => 'pigeon']))->assertUnprocessable()->assertJsonValidationErrorFor('medium');
        $this->postJson($this->address('/proof?offer='.$offer->id), $this->entry([]))->assertJsonPath('sentence.5.text', 'the spring post');
    }

    public function test_a_widget_shows_as_much_as_is_chosen_and_its_place_says_what_it_does_otherwise(): void
    {
        $offer = $this->offer($this->honey, ['destination' => Onwards::Stay, 'opening' => Opening::NewTab]);
        $made = $this->postJson($this->address("/{$offer->id}/placements"), $this->place(['medium' => 'widget', 'form' => 'picture']))->assertCreated()
            ->assertJsonPath('placements.0.form', 'picture')->assertJsonPath('placements.0.policy', "script-src {$this->shop->base()}; connect-src {$this->shop->base()}; img-src {$this->shop->base()}");
        self::assertStringContainsString('stay on the page', is_string($made->json('placements.0.does_here')) ? $made->json('placements.0.does_here') : '');
        $place = Placement::query()->where('offer_id', $offer->id)->sole();
        $change = fn (array $with): TestResponse => $this->putJson($this->console("/api/shops/{$this->shop->slug}/placements/{$place->id}"), [...$this->place([]), ...$with]);

        $change(['medium' => 'widget'])->assertOk()->assertJsonPath('placements.0.form', 'picture');
        $change(['medium' => 'widget', 'form' => 'price'])->assertOk()->assertJsonPath('placements.0.form', 'price');
        $change(['medium' => 'widget', 'form' => 'poster'])->assertUnprocessable()->assertJsonValidationErrorFor('form');
        $change(['medium' => 'qr'])->assertOk()->assertJsonPath('placements.0.policy', '')->assertJsonPath('placements.0.does_here', 'Here it opens in the same tab: as QR code it can’t open a new one.');
        $change(['medium' => 'html'])->assertOk()->assertJsonPath('placements.0.does_here', '');
    }

    public function test_a_widget_is_proved_as_it_stands_on_the_desk(): void
    {
        $offer = $this->offer($this->honey);
        $place = $this->placement($offer, 'a page', ['medium' => 'widget', 'form' => 'price']);
        $proof = fn (array $with): TestResponse => $this->postJson($this->console("/api/shops/{$this->shop->slug}/placements/{$place->id}/widget"), [...$this->entry([]), ...$with]);

        $proof(['words' => ['idle' => 'Not saved yet'], 'destination' => 'stay'])->assertOk()->assertJsonPath('widget.caption', 'Not saved yet')->assertJsonPath('widget.click', 'stay')->assertJsonPath('widget.price.amount', '9.80')->assertJsonPath('words.language', 'en');
        self::assertNotSame('Not saved yet', $offer->refresh()->caption);
        $proof(['items' => [$this->item(['quantity' => 'many'])]])->assertUnprocessable();
        $other = $this->placement($this->offer($this->product($this->shop(['name' => 'Elsewhere']))), 'theirs', ['medium' => 'widget']);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/placements/{$other->id}/widget"), $this->entry([]))->assertNotFound();
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

        $this->getJson($this->address(''))->assertOk()->assertJsonPath('at', ['page' => 1, 'pages' => 2, 'total' => 25, 'is_more' => false])->assertJsonCount(20, 'items')->assertJsonCount(30, 'items.0.trace')
            ->assertJsonPath('items.0.way', 'One step to payment: click, checkout, payment.');
        // Beside the list's own five, the framework asks for the shop and for the membership.
        self::assertLessThanOrEqual(5 + 2, $queries);
        $this->getJson($this->address('?search=Offer+13'))->assertJsonPath('at.total', 1)->assertJsonPath('items.0.places', [['page' => 'page 13', 'medium' => 'HTML button', 'is_paused' => false, 'is_stale' => false]]);
        $this->getJson($this->address('?search=page+7'))->assertJsonPath('at.total', 1);
        $this->getJson($this->address('?search=Heather'))->assertJsonPath('at.total', 25);
    }

    public function test_the_preview_stands_in_a_frame_that_runs_no_script(): void
    {
        $preview = $this->console("/preview/{$this->shop->slug}/button");
        $answer = $this->get("{$preview}?ground=dark&words[idle]=".rawurlencode('<script>x</script>'))->assertOk()->assertSee('&lt;script&gt;', false)->assertDontSee('Sold out');

        self::assertStringContainsString("sandbox allow-same-origin; default-src 'none';", (string) $answer->headers->get('Content-Security-Policy'));
        $this->get("{$preview}?ground=light&words[idle]=x&words[sold_out]=y&look=".rawurlencode('{"fill":"#123456"}'))->assertSee('background-color:#123456', false)->assertSee('aria-disabled="true"', false);
        $this->get("{$preview}?ground=light&words[idle]=x&look=".rawurlencode('{"fill":"red;}</style><script>"}'))->assertDontSee('<script>', false)->assertSee('background-color:#b92b4f', false);
        $this->getJson("{$preview}?ground=space")->assertUnprocessable();
    }

    /** @param  array<string, mixed>  $with */
    private function made(array $with): int
    {
        $id = $this->postJson($this->address(''), $this->entry($with))->assertCreated()->json('id');

        return is_int($id) ? $id : self::fail('An offer has a number.');
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private function entry(array $with): array
    {
        return $with + [
            'items' => [$this->item([])], 'destination' => 'pay', 'cart_use' => 'just_this', 'opening' => 'same_tab',
            'ask' => ['is_asked' => false, 'label' => '', 'least' => '1', 'most' => '10'], 'words' => ['idle' => ''], 'look_id' => null, 'landing' => '',
        ];
    }

    /**
     * @param  array<string, string>  $with
     * @return array<string, mixed>
     */
    private function item(array $with): array
    {
        return array_replace(['product_id' => $this->honey->id, 'variant' => '', 'quantity' => '1', 'amount' => ''], $with);
    }

    /**
     * @param  array<string, string>  $with
     * @return array<string, string>
     */
    private function place(array $with): array
    {
        return $with + ['page' => 'the spring post', 'medium' => 'html', 'label' => '', 'caption' => ''];
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/offers{$path}");
    }
}
