<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Picture;
use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The looks of a shop: made, changed, put back, and shared by its offers. */
final class LooksTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_every_shop_begins_with_the_looks_that_ship(): void
    {
        $this->offer($this->product($this->shop));
        $this->getJson($this->address(''))->assertOk()->assertJsonCount(5, 'items')->assertJsonPath('items.0.name', 'Kite silk')->assertJsonPath('items.0.is_usual', true)->assertJsonPath('items.0.offers', 1)->assertJsonPath('items.1.offers', 0)->assertJsonPath('items.0.doubts', []);
    }

    public function test_a_look_is_made_and_told_where_it_is_wrong(): void
    {
        $this->make(['name' => 'Tarn', 'classes' => 'buy big'])->assertCreated()->assertJsonCount(6, 'items')->assertJsonPath('items.5.entry.classes', 'buy big');
        $this->make(['name' => 'Tarn'])->assertUnprocessable()->assertJsonPath('errors.name.0', 'There is a look called “Tarn” already; choose another name.');
        $this->make(['name' => '', 'fill' => 'red'])->assertUnprocessable()->assertJsonValidationErrors(['name', 'fill']);
        $this->postJson($this->address('/trial'), $this->entry(['ink' => '#e08090']))->assertOk()->assertJsonPath('doubts.0.at', 'ink');
        $this->postJson($this->address('/trial'), $this->entry(['corner' => 'x']))->assertOk()->assertJsonPath('doubts', [])->assertJsonPath('errors.corner', 'The first corner can’t be “x”; enter a whole number from 0 to 60 (px).');
    }

    public function test_a_change_that_was_begun_before_another_is_not_written_over_it(): void
    {
        $look = $this->shop->looks()->firstOrFail();
        $this->putJson($this->address("/{$look->id}"), $this->entry(['fill' => '#1e5a70', 'version' => 1]))->assertOk()->assertJsonPath('items.0.version', 2)->assertJsonPath('items.0.has_earlier', true);
        $this->putJson($this->address("/{$look->id}"), $this->entry(['fill' => '#000000', 'version' => 1]))->assertStatus(409);
        $this->postJson($this->address("/{$look->id}/earlier"))->assertOk()->assertJsonPath('items.0.entry.fill', '#b92b4f');
        $this->postJson($this->address("/{$look->id}/earlier"))->assertOk()->assertJsonPath('items.0.entry.fill', '#1e5a70');
    }

    public function test_a_look_that_is_put_away_stays_with_its_offers_and_comes_back(): void
    {
        $looks = $this->shop->looks()->orderBy('id')->get();
        $offer = $this->offer($this->product($this->shop), ['look_id' => $looks[1]->id]);
        $this->placement($offer);
        $this->postJson($this->address("/{$looks[1]->id}/away"), ['is_away' => true])->assertOk()->assertJsonPath('items.1.is_away', true)->assertJsonPath('items.1.offers', 1);
        $snippet = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$offer->id}"))->assertOk()->assertJsonPath('entry.look_id', $looks[1]->id)->json('placements.0.snippet');
        self::assertIsString($snippet);
        self::assertStringContainsString('background-color:#1e5a70', $snippet);

        $this->postJson($this->address("/{$looks[0]->id}/away"), ['is_away' => true])->assertUnprocessable()->assertJsonPath('errors.is_away.0', 'This look is used where nothing is said; use another one there first.');
        $this->postJson($this->address("/{$looks[0]->id}/away"), [])->assertUnprocessable();
        $this->postJson($this->address("/{$looks[1]->id}/usual"))->assertOk()->assertJsonPath('items.1.is_away', false);
        $this->postJson($this->address("/{$looks[0]->id}/away"), ['is_away' => true])->assertOk();
        $this->postJson($this->address("/{$looks[0]->id}/away"), ['is_away' => false])->assertOk()->assertJsonPath('items.0.is_away', false);
    }

    public function test_a_picture_of_ones_own_is_a_button_and_nobody_elses_picture_is(): void
    {
        $mine = $this->picture($this->shop, 'mine.webp');
        $theirs = $this->picture($this->shop(), 'theirs.webp');
        $this->make(['name' => 'Pictured', 'picture_id' => $mine->id, 'picture_text' => ''])->assertUnprocessable()->assertJsonPath('errors.picture_text.0', 'The picture says nothing to those who can’t see it; write what stands on it.');
        $this->make(['name' => 'Pictured', 'picture_id' => $mine->id, 'picture_text' => 'Honey, please'])->assertCreated()->assertJsonPath('items.5.entry.picture_path', $mine->path());
        self::assertSame([true, false], [$mine->refresh()->is_kept, $theirs->refresh()->is_kept]);
        $this->make(['name' => 'Stolen', 'picture_id' => $theirs->id, 'picture_text' => 'x'])->assertCreated()->assertJsonPath('items.6.entry.picture_path', '');

        $offer = $this->offer($this->product($this->shop), ['look_id' => $this->shop->looks()->where('name', 'Pictured')->firstOrFail()->id]);
        $this->placement($offer);
        $snippet = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$offer->id}"))->json('placements.0.snippet');
        self::assertIsString($snippet);
        self::assertStringContainsString("<img src=\"{$this->shop->base()}{$mine->path()}\" alt=\"Honey, please\"", $snippet);
    }

    private function picture(Shop $shop, string $file): Picture
    {
        return $shop->pictures()->create(['file' => $file, 'width' => 400, 'height' => 100, 'created_at' => now()]);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function make(array $with): TestResponse
    {
        return $this->postJson($this->address(''), $this->entry($with));
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private function entry(array $with): array
    {
        /** @var array<string, mixed> $entry */
        $entry = $this->getJson($this->address(''))->json('items.0.entry');

        return $with + $entry;
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/looks{$path}");
    }
}
