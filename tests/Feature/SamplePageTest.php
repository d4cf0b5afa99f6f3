<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use Tests\TestCase;

/** A page to try what is pasted on. */
final class SamplePageTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_what_is_pasted_stands_on_a_page_of_no_origin(): void
    {
        $offer = $this->offer($this->product($this->shop));
        $placement = $this->placement($offer, '<b>The spring post</b>', ['medium' => 'widget']);

        $page = $this->get($this->console("/preview/{$this->shop->slug}/sample/{$placement->id}"))->assertOk()->assertSee('<b>The spring post</b>')->assertDontSee('<b>The spring post</b>', false)->assertSee("/k/{$placement->code}");
        $policy = (string) $page->headers->get('Content-Security-Policy');
        self::assertStringStartsWith('sandbox allow-scripts', $policy);
        self::assertStringNotContainsString('allow-same-origin', $policy);
        self::assertStringContainsString("script-src {$this->shop->base()};", $policy);
    }

    public function test_an_address_alone_needs_none_and_another_shops_place_is_not_there(): void
    {
        $link = $this->placement($this->offer($this->product($this->shop)), as: ['medium' => 'link']);
        $other = $this->shop();
        $foreign = $this->placement($this->offer($this->product($other)), as: ['medium' => 'html']);

        $this->get($this->console("/preview/{$this->shop->slug}/sample/{$link->id}"))->assertNotFound();
        $this->get($this->console("/preview/{$this->shop->slug}/sample/{$foreign->id}"))->assertNotFound();
        $this->get($this->console("/preview/{$other->slug}/sample/{$foreign->id}"))->assertNotFound();
    }
}
