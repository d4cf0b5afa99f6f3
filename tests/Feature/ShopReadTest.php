<?php

declare(strict_types=1);

namespace Tests\Feature;

use PaperKite\Checkout\CheckoutRules;
use PaperKite\Offer\ShopWords;
use PaperKite\Offer\StateWords;
use Tests\TestCase;

/** A shop reads its rules once, and anew once they have changed. */
final class ShopReadTest extends TestCase
{
    public function test_rules_are_read_once_and_anew_after_a_change(): void
    {
        $shop = $this->shop();
        $first = $shop->rules();
        self::assertSame($first, $shop->rules());

        $this->shipsFor($shop, 650);
        self::assertNotSame($first, $shop->rules());
        self::assertSame(650, $shop->rules()->zones[0]->table?->bands[0]->fee->minor);
        self::assertSame(650, $shop->refresh()->rules()->zones[0]->table?->bands[0]->fee->minor);
    }

    public function test_what_a_column_holds_is_what_was_put_there(): void
    {
        $shop = $this->shop();
        $shop->update(['words' => new ShopWords(StateWords::of(['added' => 'Yours']), 'Take one'), 'checkout_rules' => new CheckoutRules(hosts: ['fern.example'])]);

        foreach ([$shop, $shop->refresh()] as $read) {
            self::assertEquals(new ShopWords(StateWords::of(['added' => 'Yours']), 'Take one'), $read->words);
            self::assertTrue($read->checkout_rules->allows('https://fern.example/'));
        }
        $shop->update(['words' => ShopWords::none()]);
        self::assertEquals(ShopWords::none(), $shop->refresh()->words);
        self::assertNull($shop->getAttributes()['words']);
    }

    public function test_attributes_are_proposed_with_the_values_that_products_have(): void
    {
        $shop = $this->shop();
        $this->product($shop, ['sku' => 'plain']);
        $this->product($shop, ['sku' => 'heather', 'traits' => [['name' => 'Tastes of', 'values' => ['toffee', 'woodsmoke']], ['name' => '2026', 'values' => ['late']]]]);
        $this->product($shop, ['sku' => 'lime', 'traits' => [['name' => 'Tastes of', 'values' => ['mint', 'toffee']]]]);
        $this->product($this->shop(), ['traits' => [['name' => 'Tastes of', 'values' => ['another shop’s']]]]);

        $this->actingAs($this->person($shop))->getJson($this->console("/api/shops/{$shop->slug}"))->assertOk()
            ->assertJsonPath('traits', [['name' => 'Tastes of', 'values' => ['mint', 'toffee', 'woodsmoke']], ['name' => '2026', 'values' => ['late']]]);
    }
}
