<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\SaveVariants;
use App\Models\Offer;
use App\Models\PriceTable;
use App\Models\Shop;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Offer\OfferState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Offers to begin from, with the shop's own goods in them. */
final class ExamplesTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        config(['kite.payments.provider' => 'standin']);
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_shop_without_goods_reads_what_each_takes(): void
    {
        foreach ($this->examples() as $example) {
            self::assertSame([[], null], [$example['sentences'], $example['entry']]);
            self::assertStringStartsWith('It takes ', is_string($example['needs']) ? $example['needs'] : '');
        }
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers/examples/table"))->assertUnprocessable();
        self::assertSame(0, PriceTable::query()->where('shop_id', $this->shop->id)->count());
    }

    #[DataProvider('sentences')]
    public function test_each_is_a_sentence_that_can_be_saved(string $key, string $said): void
    {
        $this->product($this->shop, ['name' => 'Acorn']);
        $this->product($this->shop, ['name' => 'Beech']);
        $this->wraps();
        $example = $this->examples()[$key];
        $words = array_filter(array_column((array) ($example['sentences'][0] ?? []), 'text'), is_string(...));

        self::assertStringContainsString($said, implode('', $words));
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers"), (array) $example['entry'])->assertCreated();
    }

    /** @return iterable<string, array{string, string}> */
    public static function sentences(): iterable
    {
        yield 'one thing' => ['at-once', 'they get one × Acorn, go straight to paying'];
        yield 'two things' => ['bundle', 'they get one × Acorn and one × Beech, go straight to paying'];
        yield 'a kind of it' => ['variants', 'they get one × Beeswax wrap'];
        yield 'a card' => ['card', 'they get one × Acorn, go straight to paying'];
        yield 'a cart' => ['cart', 'they get one × Acorn, go to the cart'];
        yield 'a table' => ['tiers', 'they get one × Acorn, go straight to paying'];
    }

    public function test_three_offers_and_their_table_are_made_together_again_and_again(): void
    {
        $this->product($this->shop, ['name' => 'Acorn']);
        foreach (['Compare and choose', 'Compare and choose 2'] as $name) {
            $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers/examples/table"))->assertCreated()->json('table');
            $table = PriceTable::query()->with('columns.offer.lines')->whereKey($id)->firstOrFail();
            self::assertSame($name, $table->name);
            self::assertSame([1, 3, 6], $table->columns->map(static fn ($column): int => $column->offer->lines[0]->quantity ?? 0)->all());
        }
        self::assertSame([OfferState::Draft], Offer::query()->where('shop_id', $this->shop->id)->get()->map(static fn (Offer $offer): OfferState => $offer->state)->unique()->values()->all());
    }

    /** @return array<string, array{sentences: list<mixed>, entry: mixed, needs: mixed}> */
    private function examples(): array
    {
        /** @var list<array{key: string, sentences: list<mixed>, entry: mixed, needs: mixed}> $items */
        $items = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/examples"))->assertOk()->json('items');

        return array_column($items, null, 'key');
    }

    private function wraps(): void
    {
        $wraps = $this->product($this->shop, ['name' => 'Beeswax wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small', 'Large'] as $position => $size) {
            $wraps->variants()->create(['shop_id' => $this->shop->id, 'position' => $position, 'sku' => "wrap-{$size}", 'choices' => [$size], 'choices_digest' => SaveVariants::digest([$size]), 'stock' => null]);
        }
    }
}
