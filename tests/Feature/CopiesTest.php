<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Message;
use App\Models\Offer;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\OfferForm;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What was copied is remembered, and what no longer says what its offer says is listed. */
final class CopiesTest extends TestCase
{
    private Shop $shop;

    private Product $honey;

    private Offer $offer;

    private Person $seller;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop);
        $this->offer = $this->offer($this->honey);
        $this->seller = $this->person($this->shop);
        $this->actingAs($this->seller);
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('changes')]
    public function test_a_copy_grows_stale_once_its_offer_says_something_else(string $medium, array $change, bool $isStale): void
    {
        $placement = $this->copied($medium);
        $this->putJson($this->address("offers/{$this->offer->id}"), $change + self::sent(OfferForm::of($this->offer->load(Offer::TOLD_WITH))))->assertOk()->assertJsonPath('placements.0.is_stale', $isStale);

        $this->workQueue();
        $this->getJson($this->address('copies'))->assertOk()->assertJsonPath('at.total', $isStale ? 1 : 0);
        if ($isStale) {
            $this->getJson($this->address('copies'))->assertJsonPath('items.0.page', 'the spring post');
            $this->copy($placement);
            $this->getJson($this->address('copies'))->assertJsonPath('at.total', 0);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, bool}> */
    public static function changes(): iterable
    {
        $words = ['words' => ['idle' => 'Take a jar']];
        yield 'words of a button' => ['html', $words, true];
        yield 'words of an e-mail button' => ['email', $words, true];
        yield 'words of Markdown' => ['markdown', $words, true];
        yield 'words beside a link' => ['link', $words, false];
        yield 'words beside a QR code' => ['qr', $words, false];
        yield 'words of a widget, which follows' => ['widget', [...$words, 'opening' => 'new_tab'], false];
        yield 'words beside JSON-LD, which has none' => ['json_ld', $words, false];
        yield 'where the click leads, in words of its own' => ['html', ['destination' => 'cart', 'words' => ['idle' => 'Buy now']], false];
        yield 'a tab of its own' => ['html', ['opening' => 'new_tab'], true];
        yield 'a tab of its own, in a mail' => ['email', ['opening' => 'new_tab'], false];
    }

    public function test_a_price_makes_stale_what_shows_it(): void
    {
        $shown = $this->copied('json_ld');
        $unseen = $this->copied('html');
        $this->honey->update(['price_minor' => 1200]);
        self::assertSame(0, Artisan::call('copies:recheck'));

        self::assertSame([true, false], [$shown->refresh()->is_stale, $unseen->refresh()->is_stale]);
    }

    public function test_a_look_and_the_shops_words_make_stale_what_shows_them(): void
    {
        $placement = $this->copied('html');
        $look = $this->shop->looks()->firstOrFail();
        $entry = $this->getJson($this->address('looks'))->json('items.0.entry');
        self::assertIsArray($entry);
        $this->putJson($this->address("looks/{$look->id}"), ['fill' => '#1e5a70'] + $entry)->assertOk();
        $this->workQueue();
        self::assertTrue($placement->refresh()->is_stale);

        $this->postJson($this->address("looks/{$look->id}/earlier"))->assertOk()->assertJsonPath('items.0.entry.fill', '#b92b4f');
        $this->workQueue();
        self::assertFalse($placement->refresh()->is_stale);
        $this->postJson($this->address('looks/'.$this->shop->looks()->where('name', 'Moss')->firstOrFail()->id.'/usual'))->assertOk();
        $this->workQueue();
        self::assertTrue($placement->refresh()->is_stale);
    }

    public function test_a_place_is_renamed_paused_and_given_words_of_its_own(): void
    {
        $placement = $this->copied('html');
        $entry = ['page' => 'the autumn post', 'medium' => 'html', 'label' => 'autumn', 'caption' => 'Taste it', 'is_paused' => true];
        $this->putJson($this->address("placements/{$placement->id}"), $entry)->assertOk()
            ->assertJsonPath('placements.0.page', 'the autumn post')->assertJsonPath('placements.0.is_paused', true)->assertJsonPath('placements.0.is_stale', true);
        $this->get($placement->link($this->shop)->url(), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertOk()->assertSee('Not for sale just now');

        $this->putJson($this->address("placements/{$placement->id}"), ['medium' => 'email', 'is_paused' => false] + $entry)->assertOk()->assertJsonPath('placements.0.is_stale', false)->assertJsonPath('placements.0.copied_at', null);
        $this->putJson($this->address("placements/{$placement->id}"), ['caption' => str_repeat('x', 41)] + $entry)->assertUnprocessable()->assertJsonValidationErrorFor('caption');
        $this->postJson($this->address("placements/{$placement->id}/copied"), ['digest' => 'x'])->assertUnprocessable();
    }

    public function test_an_e_mail_button_is_mailed_to_whoever_asks_and_to_nobody_else(): void
    {
        $placement = $this->copied('email');
        $this->postJson($this->address("placements/{$placement->id}/trial"))->assertOk()->assertJsonPath('to', $this->seller->email);

        $message = Message::query()->where('shop_id', $this->shop->id)->sole();
        self::assertSame([$this->seller->email, 'The button for the spring post'], [$message->to, $message->subject]);
        self::assertStringContainsString('<table role="presentation"', (string) $message->html);
        $other = $this->copied('html');
        $this->postJson($this->address("placements/{$other->id}/trial"))->assertUnprocessable()->assertJsonPath('errors.medium.0', 'Only an e-mail button is tried by mail; choose that medium for this place first.');
    }

    private function copied(string $medium): Placement
    {
        $placement = $this->placement($this->offer, as: ['medium' => $medium]);
        $this->copy($placement);

        return $placement;
    }

    private function copy(Placement $placement): void
    {
        $this->offer->refresh();
        /** @var list<array{id: int, digest: string}> $placements */
        $placements = $this->getJson($this->address("offers/{$this->offer->id}"))->json('placements');
        $digest = array_column($placements, 'digest', 'id')[$placement->id];
        $this->postJson($this->address("placements/{$placement->id}/copied"), ['digest' => $digest])->assertOk();
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/{$path}");
    }
}
