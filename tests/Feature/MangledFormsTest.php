<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferEntry;
use App\Shopfront\ShopfrontForm;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever is sent in place of what a form holds, the answer is a refusal or a sound form: never a fault of the server, never a row that can't be read again. */
final class MangledFormsTest extends TestCase
{
    private Shop $shop;

    private Offer $offer;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->offer = $this->offer($this->product($this->shop));
        $this->placement = $this->placement($this->offer);
        $this->actingAs($this->person($this->shop));
    }

    #[DataProvider('values')]
    public function test_the_desk_bears_it(mixed $value): void
    {
        $entry = OfferEntry::of($this->offer->load(Offer::TOLD_WITH));
        foreach ($this->mangled($entry, $value) as $at => $mangled) {
            $this->bears('POST', 'offers/proof', $mangled + ['country' => $value], $at);
            $this->bears('PUT', "offers/{$this->offer->id}", $mangled, $at);
        }
        $this->getJson($this->address("offers/{$this->offer->id}"))->assertOk();
        $this->getJson($this->address('offers'))->assertOk();
        $this->getJson($this->address("offers/{$this->offer->id}/history"))->assertOk();
    }

    #[DataProvider('values')]
    public function test_the_looks_bear_it(mixed $value): void
    {
        $look = $this->shop->looks()->firstOrFail();
        $entry = $this->getJson($this->address('looks'))->json('items.0.entry');
        foreach ($this->mangled(is_array($entry) ? $entry : [], $value) as $at => $mangled) {
            $this->bears('POST', 'looks/trial', $mangled, $at);
            $this->bears('PUT', "looks/{$look->id}", $mangled, $at);
            $this->get($this->console("/preview/{$this->shop->slug}/button?ground=light&words[idle]=x&look=".rawurlencode((string) json_encode($mangled))))->assertOk();
        }
        $this->getJson($this->address('looks'))->assertOk();
        $this->getJson($this->address("offers/{$this->offer->id}"))->assertOk();
    }

    #[DataProvider('values')]
    public function test_places_and_tables_bear_it(mixed $value): void
    {
        $place = ['page' => 'here', 'medium' => 'html', 'label' => '', 'caption' => '', 'is_paused' => false];
        foreach ($this->mangled($place, $value) as $at => $mangled) {
            $this->bears('PUT', "placements/{$this->placement->id}", $mangled, $at);
        }
        $this->bears('POST', "placements/{$this->placement->id}/copied", ['digest' => $value], 'digest');
        $other = $this->offer($this->product($this->shop));
        foreach ($this->mangled(['name' => 'Jars', 'offers' => [$this->offer->id, $other->id], 'stressed' => $other->id], $value) as $at => $mangled) {
            $this->bears('POST', 'price-tables', $mangled, $at);
        }
        $this->getJson($this->address('price-tables'))->assertOk();
        $this->getJson($this->address('copies'))->assertOk();
    }

    #[DataProvider('values')]
    public function test_the_shopfront_and_the_names_bear_it(mixed $value): void
    {
        foreach ($this->mangled(ShopfrontForm::of($this->shop), $value) as $at => $mangled) {
            $this->bears('PUT', 'shopfront', $mangled, $at);
        }
        $this->getJson($this->address('shopfront'))->assertOk();
        $this->get("http://{$this->shop->host}/")->assertOk();
        $names = ['name' => 'Tarn', 'slug' => $this->shop->slug, 'host' => $this->shop->host, 'checkout_slug' => 'checkout'];
        foreach ($this->mangled($names, $value) as $at => $mangled) {
            $this->bears('PUT', 'names', $mangled, $at);
            $this->shop->refresh();
        }
        $this->get("http://{$this->shop->host}/")->assertOk();
    }

    /** @return iterable<string, array{mixed}> */
    public static function values(): iterable
    {
        yield 'nothing' => [null];
        yield 'a number' => [7];
        yield 'a negative number' => [-1];
        yield 'a huge number' => [9_223_372_036_854_775_807];
        yield 'half a piece' => [0.5];
        yield 'yes' => [true];
        yield 'a blank' => [''];
        yield 'a word' => ['nonsense'];
        yield 'a long word' => [str_repeat('x', 70_000)];
        yield 'a control character' => ["a\0b"];
        yield 'markup' => ['</style><script>alert(1)</script>'];
        yield 'a list' => [[1, 'two', null]];
        yield 'an object' => [['a' => ['b' => 'c']]];
    }

    /**
     * @param  array<mixed>  $form
     * @return iterable<string, array<mixed>> the form with each of its places, however deep, in turn replaced by the value
     */
    private function mangled(array $form, mixed $value): iterable
    {
        foreach ($form as $key => $inner) {
            yield (string) $key => [$key => $value] + $form;
            if (is_array($inner)) {
                foreach ($this->mangled($inner, $value) as $deeper => $mangled) {
                    yield "{$key}.{$deeper}" => [$key => $mangled] + $form;
                }
            }
        }
    }

    /** @param  array<mixed>  $form */
    private function bears(string $method, string $path, array $form, string $at): void
    {
        $status = $this->json($method, $this->address($path), $form)->getStatusCode();

        self::assertContains($status, [200, 201, 409, 422], "{$method} {$path} with something else at {$at}");
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/{$path}");
    }
}
