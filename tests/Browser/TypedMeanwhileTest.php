<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Changes\Editing;
use App\Offers\SavePriceTable;
use Closure;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Medium\TableEntry;
use PaperKite\Quote\CouponKind;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\TakesOrders;

/** Whoever types on while a save is on its way keeps what they typed, and can save it, too. */
final class TypedMeanwhileTest extends BrowserTestCase
{
    use TakesOrders;

    /** @param  Closure(self): string  $path */
    #[DataProvider('forms')]
    public function test_what_is_typed_while_a_save_is_on_its_way_is_there_when_it_has_come(Closure $path, string $label, string $first, string $second, string $saves = 'Save', string $opens = ''): void
    {
        $address = $this->consoleAddress("/{$this->shop->slug}/".$path($this));
        $browser = $this->signedIn();
        $open = static fn (): Browser => $opens === '' ? $browser->goTo('about:blank')->goTo($address) : $browser->goTo('about:blank')->goTo($address)->click($opens);
        $open()->type($label, $first);
        self::holdAnswers($browser);
        $browser->click($saves)->until(static fn (): bool => $browser->evaluate('return window.held.length') === 1, 'the first save to be answered');
        $browser->type($label, $second);
        self::letAnswersThrough($browser);
        self::assertSame($second, $browser->field($label)->getAttribute('value'));

        $browser->click($saves)->until(static fn (): bool => $browser->evaluate('return window.saved') === 2, 'the second save to be answered');
        $open()->until(static fn (): bool => $browser->field($label)->getAttribute('value') === $second, 'what was saved last');
        $browser->notSeeing('This is what you left here');
    }

    /** @return iterable<string, array{0: Closure(self): string, 1: string, 2: string, 3: string, 4?: string, 5?: string}> */
    public static function forms(): iterable
    {
        yield 'a product' => [static fn (self $test): string => "products/{$test->product($test->shop, ['stock' => 5])->id}", 'Pieces in stock', '9', '7', 'Save', 'Change: Stock'];
        yield 'the rules' => [static fn (): string => 'shop', 'Time zone', 'Europe/Madrid', 'Europe/Rome'];
        yield 'the shopfront' => [static fn (): string => 'shop#shopfront', 'Any other button of an offer', 'Have it', 'Take it'];
        yield 'the words' => [static fn (): string => 'shop/words', 'Nothing is in it yet.', 'Still empty.', 'Empty as yet.'];
        yield 'a coupon' => [static function (self $test): string {
            $test->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Percent, 'percent' => '10']);

            return 'shop#coupons';
        }, 'Percent off', '15', '20', 'Save the coupon', 'Change MAY'];
        yield 'a look' => [static fn (): string => 'offers/looks', 'Name', 'Moor', 'Storm'];
        yield 'a price table' => [static function (self $test): string {
            $offers = array_map(static fn (string $name): int => $test->offer($test->product($test->shop, ['name' => $name]))->id, ['Small', 'Large']);
            $table = app(SavePriceTable::class)($test->shop, null, TableEntry::read(FormInput::of(self::tableEntry('Jars', $offers))), Editing::byCommand());

            return "offers/tables/{$table->id}";
        }, 'Name', 'Pots', 'Jugs'];
        yield 'a marketplace' => [static function (self $test): string {
            $test->marketplace($test->shop);

            return 'partners';
        }, 'Name', 'Quay north', 'Quay south'];
        yield 'a place' => [static fn (self $test): string => "offers/{$test->placement($test->offer($test->product($test->shop)))->offer_id}", 'Own caption', 'Taste it', 'Try it', 'Save this place', 'Name, words and look of this place'];
        yield 'the note of an order' => [static fn (self $test): string => "orders/{$test->held($test->shop, $test->product($test->shop), 1)->number}", 'Note', 'Ring twice', 'Ring once', 'Save note'];
    }

    public function test_a_new_thing_that_is_typed_on_while_it_is_made_is_made_once(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->type('Name', 'Ling honey')->type('Price', '9.80');
        self::holdAnswers($browser);
        $browser->click('Save')->until(static fn (): bool => $browser->evaluate('return window.held.length') === 1, 'the product to be made');
        $browser->type('Name', 'Moor honey');
        self::letAnswersThrough($browser);

        $browser->until(static fn (): bool => preg_match('~/products/\d+$~', $browser->address()) === 1, 'an address of its own');
        self::assertSame('Moor honey', $browser->field('Name')->getAttribute('value'));
        $browser->click('Save')->seeing('New product')->seeing('Moor honey');
        self::assertSame(['Moor honey'], $this->shop->products()->pluck('name')->all());
    }

    public function test_a_look_that_is_chosen_while_another_one_is_saved_stays_chosen(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/looks"))->seeing('Compare with')->click('Moss')->type('Name', 'Heath');
        self::holdAnswers($browser);
        $browser->click('Save')->until(static fn (): bool => $browser->evaluate('return window.held.length') === 1, 'the look to be saved');
        $browser->click('Luggage tag')->type('Name', 'Storm');
        self::letAnswersThrough($browser);

        self::assertSame('Storm', $browser->field('Name')->getAttribute('value'));
        $browser->click('Save')->until(fn (): bool => $this->shop->looks()->where('name', 'Storm')->exists(), 'the second look');
        self::assertSame(1, $this->shop->looks()->where('name', 'Heath')->count());
        $browser->click('Heath')->notSeeing('This is what you left here');
    }

    public function test_a_sentence_is_changed_while_it_is_saved(): void
    {
        $offer = $this->offer($this->product($this->shop), ['caption' => 'Take one home']);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill')->click('Caption: Take one home. Change it')->type('Words on the button', 'Mine')->press(WebDriverKeys::ENTER);
        self::holdAnswers($browser);
        $browser->click('Save')->until(static fn (): bool => $browser->evaluate('return window.held.length') === 1, 'the offer to be saved');
        $browser->click('Caption: Mine. Change it')->type('Words on the button', 'Yours')->press(WebDriverKeys::ENTER);
        self::letAnswersThrough($browser);

        $browser->seeing('Yours')->seeing('Changed, not saved yet')->click('Save')->seeing('All is saved.');
        self::assertSame('Yours', $offer->refresh()->caption);
    }

    /** What is saved is answered, but the page does not hear of it yet. */
    private static function holdAnswers(Browser $browser): void
    {
        $browser->evaluate(<<<'JS'
            const fetch = window.fetch
            window.held = []
            window.saved = 0
            window.fetch = async (request) => {
              const answer = await fetch(request)
              const saves = request.method !== 'GET' && answer.ok && !/\/(trial|check|proof|preview)\b/.test(new URL(request.url).pathname)
              if (saves && window.held) await new Promise((go) => window.held.push(go))
              if (saves) window.saved++
              return answer
            }
            JS);
    }

    private static function letAnswersThrough(Browser $browser): void
    {
        $browser->evaluate('for (const go of window.held) go(); window.held = null; return new Promise((resolve) => setTimeout(resolve, 200, true))');
    }
}
