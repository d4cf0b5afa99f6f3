<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Look;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use Tests\TestCase;

/** A pasted button may bring its other states along; what it brought stays as it was. */
final class CopiedSheetTest extends TestCase
{
    private Shop $shop;

    private Offer $offer;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->offer = $this->offer($this->product($this->shop));
        $this->placement = $this->placement($this->offer, 'a page', ['medium' => 'html']);
        $this->actingAs($this->person($this->shop));
    }

    public function test_what_is_pasted_names_a_sheet_that_is_there_for_good(): void
    {
        [$address, $class, $digest] = $this->brought();
        $css = (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/css; charset=UTF-8')->assertHeader('Cross-Origin-Resource-Policy', 'cross-origin')->assertHeaderMissing('Set-Cookie')->getContent();
        self::assertSame(basename($address, '.css'), substr(hash('sha256', $css), 0, 32));
        self::assertStringContainsString(".{$class}:hover{", $css);

        $this->postJson($this->console("/api/shops/{$this->shop->slug}/placements/{$this->placement->id}/copied"), ['digest' => $digest])->assertOk();
        $look = $this->shop->looks()->firstOrFail();
        $entry = (array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/looks"))->json('items.0.entry');
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/looks/{$look->id}"), ['corner' => '9'] + $entry)->assertOk();

        [$next, $nextClass] = $this->brought();
        self::assertSame([$address, $class], [$next, $nextClass], 'A corner is no colour.');
        self::assertTrue($this->placement->refresh()->is_stale);
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/looks/{$look->id}"), ['fill' => '#1e5a70'] + $entry)->assertOk();
        [$next, $nextClass] = $this->brought();
        self::assertNotSame([$address, $class], [$next, $nextClass]);
        $this->get($address)->assertOk();
        $this->get($next)->assertOk()->assertSee($nextClass);
    }

    public function test_nothing_is_brought_unasked_by_another_medium_or_by_a_picture(): void
    {
        self::assertStringNotContainsString('<link', $this->snippet());
        $this->placement->update(['brings_sheet' => true, 'medium' => 'email']);
        self::assertStringNotContainsString('stylesheet', $this->snippet());
        self::assertSame(0, Look::query()->getConnection()->table('button_sheets')->where('shop_id', $this->shop->id)->count());
    }

    public function test_a_sheet_that_nobody_kept_or_another_shop_did_is_not_there(): void
    {
        [$address] = $this->brought();
        $this->get($this->shop()->base().substr($address, strlen($this->shop->base())))->assertNotFound();
        $this->get("{$this->shop->base()}/embed/".str_repeat('0', 32).'.css')->assertNotFound();
        $this->get("{$this->shop->base()}/embed/../../etc.css")->assertNotFound();
    }

    public function test_a_copy_shows_its_first_state_alone_and_the_proof_says_so(): void
    {
        $address = $this->console("/preview/{$this->shop->slug}/button").'?ground=light&words[idle]=Buy&words[working]=Moment';
        $this->get("{$address}&medium=html")->assertOk()->assertSee('Working · not in a copy')->assertDontSee('Normal · not in a copy');
        $this->get("{$address}&medium=widget")->assertOk()->assertDontSee('not in a copy');
        $this->get("{$address}&medium=nonsense")->assertOk()->assertDontSee('not in a copy');
    }

    /** @return array{string, string, string} the address of what is brought along, the class that it is for, and the snippet's digest */
    private function brought(): array
    {
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/placements/{$this->placement->id}"), ['page' => 'a page', 'medium' => 'html', 'label' => '', 'caption' => '', 'brings_sheet' => true])->assertOk()->assertJsonPath('placements.0.brings_sheet', true);
        $snippet = $this->snippet();
        self::assertSame(1, preg_match('~\A<link rel="stylesheet" href="([^"]+)"><a href="[^"]+" class="(kite-[0-9a-f]{12})"~', $snippet, $found), $snippet);

        return [$found[1] ?? '', $found[2] ?? '', hash('sha256', $snippet)];
    }

    private function snippet(): string
    {
        $snippet = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$this->offer->id}"))->assertOk()->json('placements.0.snippet');

        return is_string($snippet) ? $snippet : '';
    }
}
