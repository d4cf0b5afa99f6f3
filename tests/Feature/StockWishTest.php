<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Product;
use App\Models\Shop;
use App\Models\StockWish;
use App\Shoppers\TellBack;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Whoever finds something sold out asks to be told when it is back: once, in the order of asking, to no more than may come. */
final class StockWishTest extends TestCase
{
    private Shop $shop;

    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey', 'stock' => 0]);
    }

    public function test_a_page_of_what_is_sold_out_takes_an_address_and_says_what_for(): void
    {
        $this->get($this->at('/p/honey'))->assertOk()->assertSee('Tell me when it is back')->assertSee('uses your address for nothing else.');
        $this->ask('ada@letters.example')->assertRedirect('/p/honey?after=asked');
        $this->get($this->at('/p/honey?after=asked'))->assertSee('We write to you as soon as it is back.');

        $wish = StockWish::query()->sole();
        self::assertSame(['ada@letters.example', "{$this->shop->name} writes to you once, when it is back, and uses your address for nothing else."], [$wish->email, $wish->consent]);
        $this->honey->update(['stock' => 1]);
        $this->get($this->at('/p/honey'))->assertDontSee('Tell me when it is back');
    }

    public function test_asked_twice_is_asked_once_and_told_once(): void
    {
        foreach (['ada@letters.example', 'ADA@letters.example', 'ada@letters.example'] as $address) {
            $this->ask($address)->assertRedirect('/p/honey?after=asked');
        }
        self::assertSame(1, StockWish::query()->count());
        $this->honey->update(['stock' => 5]);
        self::assertSame([1, 0], [$this->tell(), $this->tell()]);
        self::assertSame(['ada@letters.example'], $this->told());

        // Who was told and asks again, asks anew.
        $this->honey->update(['stock' => 0]);
        $this->travel(1)->minutes();
        $this->ask('ada@letters.example');
        self::assertSame(2, StockWish::query()->count());
    }

    public function test_they_are_told_in_order_and_to_twice_the_pieces_at_most(): void
    {
        foreach (range(1, 9) as $number) {
            $this->ask("shopper{$number}@letters.example");
        }
        self::assertSame(0, $this->tell(), 'It is not back.');
        $this->honey->update(['stock' => 2]);
        self::assertSame(4, $this->tell());
        self::assertSame(['shopper1@letters.example', 'shopper2@letters.example', 'shopper3@letters.example', 'shopper4@letters.example'], $this->told());
        $this->honey->update(['stock' => 1]);
        self::assertSame(0, $this->tell(), 'Four may still come for one.');
        $this->honey->update(['stock' => 3]);
        self::assertSame(2, $this->tell());
        $this->honey->update(['stock' => 0]);
        $this->travel(4)->days();
        self::assertSame(0, $this->tell(), 'It is gone again.');
        $this->honey->update(['stock' => null]);
        self::assertSame(3, $this->tell());
    }

    public function test_the_mail_leads_to_it_and_to_the_end_of_asking_which_a_button_ends(): void
    {
        $this->ask('ada@letters.example');
        $this->ask('ben@letters.example');
        $this->honey->update(['stock' => 1]);
        $this->tell();
        $text = Message::query()->where(['shop_id' => $this->shop->id, 'kind' => MessageKind::BackInStock])->firstOrFail()->text;
        self::assertStringContainsString("{$this->shop->base()}/p/honey", $text);
        self::assertSame(1, preg_match('~/back/[0-9a-f]{40}~', $text, $found));
        $path = $found[0] ?? '';

        // A mail program that opens it ends nothing.
        $this->get($this->at($path))->assertOk()->assertHeader('X-Robots-Tag', 'noindex')->assertSee('Do not write to me');
        self::assertNull(StockWish::query()->firstOrFail()->ended_at);
        $this->post($this->at($path))->assertRedirect($path);
        $this->get($this->at($path))->assertSee('Nobody writes to you about');
        $this->get($this->shop()->base().$path)->assertNotFound();
        $this->get($this->at('/back/'.str_repeat('0', 40)))->assertNotFound();
    }

    public function test_who_has_ended_it_is_not_told(): void
    {
        $this->ask('ada@letters.example');
        StockWish::query()->update(['ended_at' => now()]);
        $this->honey->update(['stock' => 5]);

        self::assertSame(0, $this->tell());
    }

    public function test_what_is_a_draft_or_deleted_by_then_is_not_told_of(): void
    {
        $this->ask('ada@letters.example');
        $this->honey->update(['stock' => 5, 'is_draft' => true]);
        self::assertSame(0, $this->tell());
        $this->honey->update(['is_draft' => false]);
        $this->honey->delete();
        self::assertSame(0, $this->tell());
    }

    #[DataProvider('wrong')]
    public function test_an_address_that_is_none_is_told_at_its_field_and_kept(string $typed): void
    {
        $this->ask($typed)->assertUnprocessable()->assertSee('id="back-error"', false)->assertDontSee('<script>x', false);
        self::assertSame(0, StockWish::query()->count());
    }

    /** @return iterable<string, array{string}> */
    public static function wrong(): iterable
    {
        yield 'blank' => [''];
        yield 'no host' => ['ada'];
        yield 'two lines' => ["ada@letters.example\r\nBcc: x@y.example"];
        yield 'markup' => ['"><script>x</script>@a.example'];
        yield 'too long' => [str_repeat('a', 250).'@letters.example'];
    }

    public function test_from_one_address_so_many_are_noted_and_no_more(): void
    {
        foreach (range(1, 20) as $number) {
            $this->ask("shopper{$number}@letters.example")->assertRedirect('/p/honey?after=asked');
        }
        $this->ask('shopper21@letters.example')->assertUnprocessable()->assertSee('try again in half an hour');
        self::assertSame(20, StockWish::query()->count());
    }

    /** @return TestResponse<Response> */
    private function ask(string $address): TestResponse
    {
        return $this->post($this->at('/p/honey/back'), ['email' => $address]);
    }

    /** @phpstan-impure */
    private function tell(): int
    {
        return app(TellBack::class)();
    }

    /** @return list<string> */
    private function told(): array
    {
        return array_values(Message::query()->where(['shop_id' => $this->shop->id, 'kind' => MessageKind::BackInStock])->orderBy('id')->get()->map(static fn (Message $message): string => $message->to)->all());
    }

    private function at(string $path): string
    {
        return $this->shop->base().$path;
    }
}
