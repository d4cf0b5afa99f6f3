<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Placement;
use App\Models\Shop;
use App\Results\FoldEvents;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** How often a place, and all that has a label, was clicked in the last thirty days. */
final class ClicksByPlaceTest extends TestCase
{
    private Shop $shop;

    /** @var list<Placement> */
    private array $places;

    private int $visitor = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->product($this->shop, ['sku' => 'honey']);
        $offer = $this->offer($this->product($this->shop));
        $this->places = array_map(fn (?string $label): Placement => $this->placement($offer, 'a page', ['label' => $label]), ['May', 'may', null, 'May']);
        foreach ([2, 1, 1, 1] as $at => $clicks) {
            for ($click = 0; $click < $clicks; $click++) {
                $this->follow("/k/{$this->places[$at]->code}");
            }
        }
        $this->follow('/take/honey?from=May');
        $this->follow('/take/honey?from=spring');
        $this->actingAs($this->person($this->shop));
    }

    /** Some are added up by then, and some are not. */
    #[DataProvider('folded')]
    public function test_places_are_counted_by_themselves_and_by_their_labels_to_the_letter(bool $isFolded): void
    {
        if ($isFolded) {
            $fold = app(FoldEvents::class);
            $fold($fold->newest());
            self::assertSame(0, DB::table('events')->whereRaw('id > (SELECT folded_to FROM result_marks)')->count());
        }
        foreach ([2, 1, 1, 1] as $at => $clicks) {
            self::assertSame($clicks, $this->today($this->getJson($this->console("/api/shops/{$this->shop->slug}/placements/{$this->places[$at]->id}/clicks"))->assertOk()->json('trace')));
        }
        $items = $this->getJson($this->console("/api/shops/{$this->shop->slug}/labels"))->assertOk()->assertJsonPath('at.total', 3)->json('items');
        self::assertIsArray($items);
        self::assertSame([['May', 4], ['may', 1], ['spring', 1]], array_map(fn (mixed $item): array => is_array($item) ? [$item['name'], $this->today($item['trace'])] : [], $items));
    }

    /** @return iterable<string, array{bool}> */
    public static function folded(): iterable
    {
        yield 'not added up yet' => [false];
        yield 'added up' => [true];
    }

    public function test_what_another_shop_counted_and_what_is_long_ago_is_not_told(): void
    {
        $other = $this->shop();
        $this->actingAs($this->person($other))->getJson($this->console("/api/shops/{$other->slug}/labels"))->assertOk()->assertJsonCount(0, 'items');
        $this->getJson($this->console("/api/shops/{$other->slug}/placements/{$this->places[0]->id}/clicks"))->assertNotFound();

        DB::table('events')->where('shop_id', $this->shop->id)->update(['day' => now()->subDays(40)->toDateString()]);
        $this->actingAs($this->person($this->shop))->getJson($this->console("/api/shops/{$this->shop->slug}/labels"))->assertOk()->assertJsonCount(0, 'items');
    }

    public function test_labels_are_paged(): void
    {
        foreach (range(10, 22) as $number) {
            $this->follow("/take/honey?from=label-{$number}");
        }
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/labels?page=2"))->assertOk()->assertJsonPath('at.total', 16)->assertJsonCount(4, 'items');
    }

    private function follow(string $path): void
    {
        $this->visitor++;
        $this->get($this->shop->base().$path, ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document', 'User-Agent' => "Visitor {$this->visitor}"])->assertRedirect();
    }

    private function today(mixed $trace): int
    {
        self::assertIsArray($trace);
        self::assertCount(30, $trace);
        $last = array_pop($trace);
        self::assertSame(0, array_sum(array_filter($trace, is_int(...))));

        return is_int($last) ? $last : self::fail('A trace holds numbers.');
    }
}
