<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Look;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A place may wear another look than its offer, and be as wide as it needs there. */
final class PlacedLookTest extends TestCase
{
    private Shop $shop;

    private Offer $offer;

    private Look $silk;

    private Look $moss;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->silk = $this->shop->looks()->where('name', 'Kite silk')->firstOrFail();
        $this->moss = $this->shop->looks()->where('name', 'Moss')->firstOrFail();
        $this->offer = $this->offer($this->product($this->shop), ['look_id' => $this->silk->id]);
        $this->actingAs($this->person($this->shop));
    }

    #[DataProvider('media')]
    public function test_a_wide_and_a_narrow_copy_are_two_places_of_one_offer(string $medium): void
    {
        $narrow = $this->placement($this->offer, 'narrow', ['medium' => $medium]);
        $wide = $this->placement($this->offer, 'wide', ['medium' => $medium]);
        $this->change($wide, ['look_id' => $this->moss->id, 'width' => 'percent', 'width_percent' => '60'])->assertOk()
            ->assertJsonPath('placements.1.look_id', $this->moss->id)->assertJsonPath('placements.1.worn_look_id', $this->moss->id)->assertJsonPath('placements.0.worn_look_id', $this->silk->id)
            ->assertJsonPath('placements.1.width', 'percent')->assertJsonPath('placements.1.width_percent', '60');
        [$first, $second] = [$this->drawn($narrow), $this->drawn($wide)];

        foreach ([[$first, $this->silk, $this->moss], [$second, $this->moss, $this->silk]] as [$drawn, $own, $other]) {
            self::assertStringContainsString($own->values->fill->hex(), $drawn);
            self::assertStringNotContainsString($other->values->fill->hex(), $drawn);
        }
        if ($medium !== 'email') {
            self::assertSame([false, true], [str_contains($first, 'width:60%'), str_contains($second, 'width:60%')]);
        }
        // What is not sent stays as it is; what is sent blank is the look's again.
        $this->change($wide, ['caption' => 'Wide'])->assertOk()->assertJsonPath('placements.1.width', 'percent')->assertJsonPath('placements.1.look_id', $this->moss->id);
        $this->change($wide, ['look_id' => null, 'width' => '', 'width_percent' => ''])->assertOk()->assertJsonPath('placements.1.worn_look_id', $this->silk->id);
        self::assertStringNotContainsString('width:60%', $this->drawn($wide));
    }

    /** @return iterable<array{string}> */
    public static function media(): iterable
    {
        foreach (['html', 'widget', 'email'] as $medium) {
            yield $medium => [$medium];
        }
    }

    public function test_a_copy_grows_stale_by_the_look_of_its_place_and_not_by_that_of_its_offer(): void
    {
        $place = $this->placement($this->offer, 'a page', ['medium' => 'html', 'look_id' => $this->moss->id]);
        $digest = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$this->offer->id}"))->json('placements.0.digest');
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/placements/{$place->id}/copied"), ['digest' => $digest])->assertOk();
        foreach ([[$this->silk, false], [$this->moss, true]] as [$look, $isStale]) {
            $entry = collect((array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/looks"))->json('items'))->firstWhere('id', $look->id);
            self::assertIsArray($entry);
            $this->putJson($this->console("/api/shops/{$this->shop->slug}/looks/{$look->id}"), ['corner' => '21'] + (array) $entry['entry'])->assertOk();
            $this->workQueue();
            self::assertSame($isStale, $place->refresh()->is_stale);
        }
    }

    public function test_a_look_that_a_place_wears_is_not_deleted_and_a_foreign_one_is_not_worn(): void
    {
        $place = $this->placement($this->offer, 'a page', ['medium' => 'html', 'look_id' => $this->moss->id]);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/deleted/look/{$this->moss->id}"), ['is_deleted' => true])->assertUnprocessable();

        $foreign = $this->shop()->looks()->firstOrFail();
        $this->change($place, ['look_id' => $foreign->id])->assertOk()->assertJsonPath('placements.0.look_id', null);
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('wrong')]
    public function test_a_width_that_is_none_is_refused(array $wrong, string $field): void
    {
        $this->change($this->placement($this->offer, 'a page', ['medium' => 'html']), $wrong)->assertUnprocessable()->assertJsonValidationErrorFor($field);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'an unknown one' => [['width' => 'huge'], 'width'];
        yield 'a part that is not said' => [['width' => 'percent', 'width_percent' => ''], 'width_percent'];
        yield 'a part that is left out' => [['width' => 'percent'], 'width_percent'];
        yield 'too small a part' => [['width' => 'percent', 'width_percent' => '9'], 'width_percent'];
        yield 'more than all' => [['width' => 'percent', 'width_percent' => '101'], 'width_percent'];
        yield 'a look that is no number' => [['look_id' => 'moss'], 'look_id'];
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function change(Placement $place, array $with): TestResponse
    {
        return $this->putJson($this->console("/api/shops/{$this->shop->slug}/placements/{$place->id}"), $with + ['page' => $place->page, 'medium' => $place->medium, 'label' => '', 'caption' => '']);
    }

    /** What stands there: what is pasted, or what its widget is told. */
    private function drawn(Placement $place): string
    {
        if ($place->medium === 'widget') {
            return (string) $this->get("{$this->shop->base()}/embed/data?v=1&codes={$place->code}")->assertOk()->getContent();
        }
        $told = collect((array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$this->offer->id}"))->json('placements'))->firstWhere('id', $place->id);

        return is_array($told) && is_string($told['snippet']) ? $told['snippet'] : self::fail('A place has a snippet.');
    }
}
