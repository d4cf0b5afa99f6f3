<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Product;
use App\Models\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Two sellers at one form: the second is told by whom and when it was changed, and nothing is written over. */
final class ChangedMeanwhileTest extends TestCase
{
    private Shop $shop;

    private Person $maren;

    private Person $tomas;

    private Product $product;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->maren = $this->person($this->shop);
        $this->tomas = $this->person($this->shop);
        $this->maren->update(['name' => 'Maren Holt']);
        $this->tomas->update(['name' => 'Tomás Ruiz']);
        $this->product = $this->product($this->shop);
        CarbonImmutable::setTestNow('2026-11-26 13:32:10');
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        parent::tearDown();
    }

    /** @return array<string, array{string, string}> a form, and how its sentence begins */
    public static function forms(): array
    {
        return [
            'an offer' => ['offer', 'This offer was'],
            'a product' => ['product', 'This product was'],
            'the rules' => ['rules', 'The rules were'],
            'the checkout' => ['checkout', 'The checkout was'],
            'the shopfront' => ['shopfront', 'The shopfront was'],
            'a price table' => ['table', 'This price table was'],
            'a coupon' => ['coupon', 'This coupon was'],
            'a look' => ['look', 'This look was'],
        ];
    }

    #[DataProvider('forms')]
    public function test_the_second_of_two_is_told_and_nothing_is_written_over(string $form, string $thing): void
    {
        [$address, $mine, $theirs] = $this->form($form);
        $this->save($this->maren, $address, $mine + ['version' => 1])->assertOk();
        $at = $this->timeInShop();

        $told = $this->save($this->tomas, $address, $theirs + ['version' => 1])->assertStatus(409);
        self::assertSame("{$thing} changed meanwhile by Maren Holt ({$at}). Nothing was saved yet; what you typed still stands here.", $told->json('message'));
        $this->save($this->maren, $address, $mine + ['version' => 1])->assertStatus(409)->assertJsonPath('message', "{$thing} changed meanwhile by yourself, in another window ({$at}). Nothing was saved yet; what you typed still stands here.");

        $this->save($this->tomas, $address, $theirs + ['version' => $told->json('version') ?? $told->json('offer.version')])->assertOk();
        $this->save($this->maren, $address, $mine + ['version' => 2])->assertStatus(409);
        $this->save($this->maren, $address, $mine)->assertOk();
    }

    #[DataProvider('forms')]
    public function test_a_version_that_is_none_is_no_leave_to_write_over(string $form): void
    {
        [$address, $mine] = $this->form($form);

        $this->save($this->maren, $address, $mine + ['version' => '1'])->assertUnprocessable()->assertJsonPath('errors.version.0', 'What this form began with can’t be read; load the page again.');
    }

    public function test_what_an_order_takes_is_no_version(): void
    {
        $address = "/products/{$this->product->id}";
        $this->actingAs($this->maren)->getJson($this->console("/api/shops/{$this->shop->slug}{$address}"))->assertOk()->assertJsonPath('version', 1);
        Product::query()->whereKey($this->product->id)->decrement('stock', 2);

        $this->getJson($this->console("/api/shops/{$this->shop->slug}{$address}"))->assertOk()->assertJsonPath('version', 1)->assertJsonPath('entry.stock', (string) $this->product->refresh()->stock);
    }

    public function test_each_form_of_a_shop_counts_for_itself(): void
    {
        [$rules, $mine] = $this->form('rules');
        [$checkout, $asked] = $this->form('checkout');
        $this->save($this->maren, $rules, $mine + ['version' => 1])->assertOk()->assertJsonPath('version', 2);

        $this->save($this->tomas, $checkout, $asked + ['version' => 1])->assertOk()->assertJsonPath('version', 2);
    }

    public function test_a_person_who_is_gone_is_not_named(): void
    {
        [$address, $mine] = $this->form('rules');
        $this->save($this->maren, $address, $mine + ['version' => 1])->assertOk();
        $this->maren->delete();

        $this->save($this->tomas, $address, $mine + ['version' => 1])->assertStatus(409)
            ->assertJsonPath('message', "The rules were changed meanwhile ({$this->timeInShop()}). Nothing was saved yet; what you typed still stands here.");
    }

    /** @return array{string, array<string, mixed>, array<string, mixed>} where it is saved, and two things that two sellers save there */
    private function form(string $form): array
    {
        return match ($form) {
            'offer' => $this->offerForm(),
            'product' => $this->changing("/products/{$this->product->id}", 'entry', ['name' => 'Heather honey, autumn'], ['price' => '9.90']),
            'rules' => $this->changing('/rules', null, ['home_country' => 'DE'], ['home_country' => 'ES']),
            'checkout' => ['/checkout', $this->checkout('off'), $this->checkout('required')],
            'shopfront' => $this->changing('/shopfront', 'entry', ['has_notice' => true], ['has_notice' => false]),
            'table' => $this->table(),
            'coupon' => $this->coupon(),
            'look' => $this->look(),
            default => throw new \LogicException($form),
        };
    }

    /**
     * @param  array<string, mixed>  $mine
     * @param  array<string, mixed>  $theirs
     * @return array{string, array<string, mixed>, array<string, mixed>}
     */
    private function changing(string $address, ?string $at, array $mine, array $theirs): array
    {
        $entry = $this->actingAs($this->maren)->getJson($this->console("/api/shops/{$this->shop->slug}{$address}"))->assertOk()->json($at);
        self::assertIsArray($entry);
        unset($entry['version']);

        /** @var array<string, mixed> $entry */
        return [$address, [...$entry, ...$mine], [...$entry, ...$theirs]];
    }

    /** @return array{string, array<string, mixed>, array<string, mixed>} */
    private function offerForm(): array
    {
        $this->actingAs($this->maren);
        $entry = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/blank"))->assertOk()->json('entry');
        self::assertIsArray($entry);
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers"), $entry)->assertCreated()->json('id');
        self::assertIsInt($id);

        return $this->changing("/offers/{$id}", 'entry', ['cart_use' => 'just_this'], ['cart_use' => 'with_cart']);
    }

    /** @return array<string, mixed> */
    private function checkout(string $phone): array
    {
        return ['company' => 'off', 'postcode' => 'optional', 'phone' => $phone, 'comment' => 'off', 'coupon_place' => 'both', 'terms' => '', 'policy' => '', 'hosts' => [], 'after_paying' => '', 'after_cancelling' => ''];
    }

    /** @return array{string, array<string, mixed>, array<string, mixed>} */
    private function table(): array
    {
        $offers = [$this->offer($this->product)->id, $this->offer($this->product($this->shop))->id];
        $entry = ['name' => 'Jars', 'offers' => $offers, 'stressed' => null];
        $id = $this->actingAs($this->maren)->postJson($this->console("/api/shops/{$this->shop->slug}/price-tables"), $entry)->assertCreated()->assertJsonPath('version', 1)->json('id');
        self::assertIsInt($id);

        return ["/price-tables/{$id}", $entry, ['stressed' => $offers[0]] + $entry];
    }

    /** @return array{string, array<string, mixed>, array<string, mixed>} */
    private function coupon(): array
    {
        $entry = ['code' => 'SPRING', 'kind' => 'percent', 'value' => '10', 'min_spend' => '', 'skus' => [], 'from' => '', 'until' => '', 'most_uses' => '', 'most_uses_each' => ''];
        $id = $this->actingAs($this->maren)->postJson($this->console("/api/shops/{$this->shop->slug}/coupons"), $entry)->assertCreated()->assertJsonPath('version', 1)->json('id');
        self::assertIsInt($id);

        return ["/coupons/{$id}", $entry, ['value' => '15'] + $entry];
    }

    /** @return array{string, array<string, mixed>, array<string, mixed>} */
    private function look(): array
    {
        $look = $this->shop->looks()->firstOrFail();
        [, $mine, $theirs] = $this->changing('/looks', 'items.0.entry', ['fill' => '#1e5a70'], ['fill' => '#000000']);

        return ["/looks/{$look->id}", $mine, $theirs];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(Person $person, string $address, array $entry): TestResponse
    {
        return $this->actingAs($person)->putJson($this->console("/api/shops/{$this->shop->slug}{$address}"), $entry);
    }

    /** As its clock shows what is 13:32 in UTC. */
    private function timeInShop(): string
    {
        return CarbonImmutable::parse('2026-11-26 13:32:10', 'UTC')->setTimezone($this->shop->refresh()->zone())->format('j M Y, H:i');
    }
}
