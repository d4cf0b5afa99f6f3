<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Downloads\AddFile;
use App\Downloads\FreshLink;
use App\Downloads\SweepFiles;
use App\Downloads\TellEarlierBuyers;
use App\Fulfilment\GrantDownloads;
use App\Models\Download;
use App\Models\DownloadFile;
use App\Models\DownloadUse;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use App\Models\Product;
use App\Models\ProductFile;
use App\Models\Shop;
use App\Models\Variant;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\ProductKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** What was bought as a file is had by a link: for so many days, so many times, until it is given back. */
final class DownloadTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    private Product $guide;

    private ProductFile $file;

    private string $visitor = '';

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->guide = $this->product($this->shop, ['sku' => 'guide', 'name' => 'The hive-year guide', 'kind' => ProductKind::Digital, 'price_minor' => 1200]);
        $this->file = $this->soldFile($this->guide, 'twelve months of bees', '蜂 "year".pdf');
        $this->actingAs($this->person($this->shop));
    }

    public function test_the_button_of_its_page_counts_and_the_file_comes_as_nothing_that_is_run(): void
    {
        $link = $this->link($this->paid($this->shop, $this->guide, 1));
        self::assertSame([5, 30], [$link->most, (int) round($link->created_at->diffInDays($link->until))]);
        // However often mail programs look at it, it counts nothing.
        foreach (range(1, 3) as $ignored) {
            $this->visit($link->path())->assertOk()->assertSee('5 of 5 downloads left')->assertSee('21 bytes')->assertHeader('X-Robots-Tag', 'noindex');
        }
        self::assertSame(0, $this->used($link));

        $file = (string) $this->press($link)->assertStatus(303)->headers->get('Location');
        $answer = $this->visit($file)->assertOk()->assertHeader('Content-Type', 'application/octet-stream');
        self::assertSame('/files-that-were-bought/'.$this->file->load('versions.stored')->current()->stored->path, $answer->headers->get('X-Accel-Redirect'));
        self::assertSame('attachment; filename="_ _year_.pdf"; filename*=utf-8\'\'%E8%9C%82%20%22year%22.pdf', $answer->headers->get('Content-Disposition'));
        // Asked for again, from any byte on, and by the button, for a day it is the same.
        $this->visit($file)->assertOk();
        $this->press($link)->assertRedirect($file);
        self::assertSame(1, $this->used($link));
        $this->travel(25)->hours();
        $this->visit($file)->assertNotFound();
        self::assertNotSame($file, $this->press($link)->assertStatus(303)->headers->get('Location'));
        self::assertSame(2, $this->used($link));
    }

    public function test_it_can_be_had_as_often_and_as_long_as_the_product_says_or_else_the_shop(): void
    {
        $this->guide->update(['download_days' => 3, 'download_times' => 1]);
        $link = $this->link($this->paid($this->shop, $this->guide, 2));
        // Two pieces, each of them once.
        self::assertSame(2, $link->most);
        foreach ([1, 2] as $use) {
            $this->press($link)->assertStatus(303);
            $this->travel(25)->hours();
        }
        $this->press($link)->assertStatus(422)->assertSee('All 2 downloads are used.');
        $this->travel(1)->day();
        $this->visit($link->path())->assertOk()->assertSee('This link is too old.')->assertDontSee('<button', false);
        $this->press($link)->assertStatus(422)->assertSee('This link is too old.');
        self::assertSame(2, $this->used($link));
    }

    public function test_a_variant_comes_with_its_own_files_and_those_of_all(): void
    {
        $order = $this->paid($this->shop, $this->guide, 1);
        $short = $this->guide->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => 'guide-s', 'choices' => ['Short'], 'choices_digest' => str_repeat('a', 64)]);
        $long = $this->guide->variants()->create(['shop_id' => $this->shop->id, 'position' => 1, 'sku' => 'guide-l', 'choices' => ['Long'], 'choices_digest' => str_repeat('b', 64)]);
        $this->guide->update(['has_variants' => true]);
        $this->soldFile($this->guide, 'long', 'long.pdf')->update(['variant_id' => $long->id]);
        $this->soldFile($this->guide, 'short', 'short.pdf')->update(['variant_id' => $short->id]);

        $page = $this->visit($this->link($this->asIf($order, $long))->path())->assertOk()->assertSee('long.pdf')->assertSee('Long');
        $page->assertSee('蜂')->assertDontSee('short.pdf');
    }

    public function test_thanks_and_mail_hold_the_link_and_the_checkout_asks_for_one_thing(): void
    {
        $order = $this->paid($this->shop, $this->guide, 1);
        $link = $this->link($order);
        self::assertStringContainsString("Your files of The hive-year guide:\n- 蜂 \"year\".pdf\nDownload: {$this->shop->base()}{$link->path()}\n", Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::Confirmation])->sole()->text);
        $this->visit("/thanks/{$order->token}")->assertOk()->assertSee($link->path())->assertSee('Download The hive-year guide');
        $this->travel(2)->days();
        $this->visit("/thanks/{$order->token}")->assertOk()->assertDontSee('/download/');

        $checkout = (string) $this->visit('/take/guide?to=pay')->assertStatus(303)->headers->get('Location');
        preg_match_all('/<(?:input|select)[^>]+name="(?!digest|quantity|coupon)([a-z]+)"/', (string) $this->visit($checkout)->assertOk()->assertDontSee('Shipping')->getContent(), $asked);
        self::assertSame(['email'], array_values(array_unique($asked[1])));
    }

    public function test_lines_that_were_given_back_and_orders_that_were_cancelled_end_their_links(): void
    {
        $jar = $this->product($this->shop, ['sku' => 'jar', 'price_minor' => 900]);
        $paid = $this->paid($this->shop, $this->guide, 2);
        $link = $this->link($paid);
        $file = (string) $this->press($link)->headers->get('Location');
        $give = fn (int $pieces, string $shown): TestResponse => $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/{$paid->number}/refunds"), ['by' => 'goods', 'lines' => [['line' => $paid->lines()->sole()->id, 'pieces' => (string) $pieces]], 'shipping' => '', 'amount' => '', 'reason' => '', 'act' => "give-back-{$pieces}-first", 'shown' => $shown, 'is_restocked' => false]);
        $give(1, '12.00')->assertOk();
        $this->visit($link->path())->assertSee('downloads left');
        $give(1, '12.00')->assertOk();
        self::assertNull($link->refresh()->stopped_at, 'The same act twice is one.');
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/{$paid->number}/refunds"), ['by' => 'goods', 'lines' => [['line' => $paid->lines()->sole()->id, 'pieces' => '1']], 'shipping' => '', 'amount' => '', 'reason' => '', 'act' => 'the-rest-of-it', 'shown' => '12.00', 'is_restocked' => false])->assertOk();
        $this->visit($link->path())->assertOk()->assertSee('This link was ended.');
        $this->visit($file)->assertNotFound();
        $this->press($link)->assertStatus(422);

        $held = $this->held($this->shop, $this->guide, 1);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/orders/{$held->number}/cancel"), ['shown' => '0.00', 'is_restocked' => false])->assertOk();
        $this->visit($this->link($held)->path())->assertSee('This link was ended.');
        self::assertSame(0, Download::query()->whereIn('order_id', Order::query()->whereIn('id', [$this->paid($this->shop, $jar, 1)->id])->select('id'))->count());
    }

    public function test_the_seller_sees_downloads_sends_a_fresh_link_and_stops_one(): void
    {
        $order = $this->paid($this->shop, $this->guide, 1);
        $link = $this->link($order);
        $old = $link->path();
        $this->press($link);
        $api = $this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}");
        $this->getJson($api)->assertOk()->assertJsonPath('downloads.0.files.0.used', 1)->assertJsonCount(1, 'downloads.0.files.0.at')->assertJsonPath('downloads.0.state', 'open');

        $this->postJson("{$api}/downloads/{$link->id}/stop")->assertOk()->assertJsonPath('downloads.0.state', 'stopped');
        $this->visit($old)->assertSee('This link was ended.');
        $this->postJson("{$api}/downloads/{$link->id}/fresh", [], ['Idempotency-Key' => 'fresh-link-one'])->assertOk()->assertJsonPath('downloads.0.files.0.used', 0);
        $this->postJson("{$api}/downloads/{$link->id}/fresh", [], ['Idempotency-Key' => 'fresh-link-one'])->assertOk();

        $mail = Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::Downloads])->sole();
        self::assertStringContainsString($this->shop->base().$link->refresh()->path(), $mail->text);
        self::assertNotSame($old, $link->path());
        $this->visit($old)->assertNotFound();
        $this->visit($link->path())->assertOk()->assertSee('5 of 5 downloads left');
        // When it was downloaded stays to be seen.
        $this->getJson($api)->assertJsonCount(1, 'downloads.0.files.0.at');
    }

    public function test_a_new_version_is_earlier_buyers_or_not_as_the_seller_says_and_each_is_told_once(): void
    {
        $early = $this->paid($this->shop, $this->guide, 1);
        $this->replace('second, for whoever buys now', false);
        $between = $this->paid($this->shop, $this->guide, 1);
        $this->visit($this->link($early)->path())->assertSee('21 bytes');
        $this->visit($this->link($between)->path())->assertSee('28 bytes');
        $stopped = $this->paid($this->shop, $this->guide, 1);
        $this->link($stopped)->update(['stopped_at' => now()]);

        $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/{$this->guide->id}"))->assertJsonPath('files.0.buyers', 2)->assertJsonPath('files.0.version', 2);
        $this->replace('third, for everybody', true);
        foreach ([1, 2] as $again) {
            (new TellEarlierBuyers($this->file->id, 3))->handle(app(FreshLink::class));
        }
        foreach ([$early, $between] as $order) {
            $mail = Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::NewVersion])->sole();
            self::assertStringContainsString($this->shop->base().$this->link($order)->path(), $mail->text);
            $this->visit($this->link($order)->path())->assertSee('20 bytes')->assertSee('5 of 5');
        }
        self::assertSame(0, Message::query()->where(['order_id' => $stopped->id, 'kind' => MessageKind::NewVersion])->count());
    }

    public function test_made_up_addresses_find_nothing(): void
    {
        $link = $this->link($this->paid($this->shop, $this->guide, 1));
        $this->press($link);
        mt_srand(20260420);
        for ($i = 0; $i < (int) (getenv('KITE_MADE_UP') ?: 500); $i++) {
            $secret = substr(hash('sha256', (string) mt_rand()), 0, 40);
            $this->visit(['/download/', '/file/'][$i % 2].$secret)->assertNotFound();
        }
        // Nor do those of another shop, and what is nearly one.
        $other = $this->shop();
        $this->get("{$other->base()}{$link->path()}")->assertNotFound();
        $this->visit(substr($link->path(), 0, -1).(str_ends_with($link->path(), '0') ? '1' : '0'))->assertNotFound();
        $this->visit(strtoupper($link->path()))->assertNotFound();
        self::assertSame(1, $this->used($link));
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('forms')]
    public function test_a_form_without_a_file_for_everybody_is_no_product_that_can_be_sold(array $with, ?string $at, string $says): void
    {
        $blank = (array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/blank"))->json('entry');
        $own = app(AddFile::class)($this->shop, $this->stored($this->shop));
        $theirs = $this->soldFile($this->product($this->shop()));
        $with = json_decode(str_replace(['"own"', '"theirs"', '"other"'], [(string) $own->id, (string) $theirs->id, (string) $this->file->id], (string) json_encode($with)), true);
        $answer = $this->postJson($this->console("/api/shops/{$this->shop->slug}/products"), (array) $with + ['name' => 'A file', 'price' => '4.00', 'kind' => 'digital'] + $blank);
        if ($at === null) {
            $answer->assertCreated()->assertJsonPath('files.0.name', 'guide.pdf');

            return;
        }
        $errors = (array) $answer->assertUnprocessable()->json('errors');
        self::assertStringContainsString($says, (string) json_encode($errors[$at] ?? null, JSON_UNESCAPED_UNICODE));
    }

    /** @return iterable<string, array{array<string, mixed>, string|null, string}> */
    public static function forms(): iterable
    {
        $sizes = ['options' => [['name' => 'Size', 'choices' => [['name' => 'Short', 'price' => '', 'adds' => ''], ['name' => 'Long', 'price' => '', 'adds' => '']]]]];
        $variant = static fn (string $choice, string $sku): array => ['choices' => [$choice], 'sku' => $sku, 'price' => '', 'stock' => '', 'weight' => '', 'picture_id' => null, 'is_preselected' => false];
        $sizes['variants'] = [$variant('Short', 'g-s'), $variant('Long', 'g-l')];
        yield 'one for everybody' => [['files' => [['id' => 'own', 'variant' => '']]], null, ''];
        yield 'none' => [['files' => []], 'files', 'Add the file that shoppers get'];
        yield 'none for one variant' => [['files' => [['id' => 'own', 'variant' => 'g-s']]] + $sizes, 'files', 'Whoever buys “g-l” gets no file'];
        yield 'one for a variant that is not there' => [['files' => [['id' => 'own', 'variant' => 'g-x']]] + $sizes, 'files.0.variant', 'no longer there'];
        yield 'another shop’s' => [['files' => [['id' => 'theirs', 'variant' => '']]], 'files.0.id', 'no longer there'];
        yield 'another product’s' => [['files' => [['id' => 'other', 'variant' => '']]], 'files.0.id', 'no longer there'];
        yield 'days in words' => [['files' => [['id' => 'own', 'variant' => '']], 'download_days' => 'a week'], 'download_days', 'enter one from 1 to 3650'];
        yield 'no download at all' => [['files' => [['id' => 'own', 'variant' => '']], 'download_times' => '0'], 'download_times', 'enter one from 1 to 1000'];
    }

    public function test_what_was_taken_out_of_a_form_comes_back_for_a_month_and_what_was_bought_stays(): void
    {
        $link = $this->link($this->paid($this->shop, $this->guide, 1));
        $this->file->update(['product_id' => null, 'free_since' => now()]);
        $free = app(AddFile::class)($this->shop, $this->stored($this->shop));
        $this->travel(29)->days();
        app(SweepFiles::class)();
        self::assertNotNull(ProductFile::query()->find($free->id));
        $this->travel(2)->days();
        app(SweepFiles::class)();
        self::assertNull(ProductFile::query()->find($free->id));
        self::assertNotNull(ProductFile::query()->find($this->file->id));
        self::assertSame('蜂 "year".pdf', $link->load('files.file.versions')->files->sole()->current()->name);
    }

    private function replace(string $bytes, bool $isForEarlier): void
    {
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/files/{$this->file->id}/versions"), ['upload' => $this->stored($this->shop, $bytes, 'year.pdf')->id, 'is_for_earlier' => $isForEarlier])->assertOk();
    }

    private function link(Order $order): Download
    {
        return Download::query()->where('order_id', $order->id)->sole();
    }

    private function used(Download $link): int
    {
        self::assertSame(DownloadUse::query()->whereIn('download_file_id', $link->files()->select('id'))->count(), $used = DownloadFile::query()->where('download_id', $link->id)->sole()->used);

        return $used;
    }

    /** @return TestResponse<Response> */
    private function press(Download $link): TestResponse
    {
        return $this->post($this->shop->base().$link->refresh()->path(), ['file' => (string) $link->files()->firstOrFail()->id], ['Origin' => $this->shop->base()]);
    }

    /** @return TestResponse<Response> */
    private function visit(string $path): TestResponse
    {
        $answer = $this->withUnencryptedCookies($this->visitor === '' ? [] : ['kite_visitor' => $this->visitor])->get("{$this->shop->base()}{$path}");
        $this->visitor = $answer->getCookie('kite_visitor', false)?->getValue() ?? $this->visitor;

        return $answer;
    }

    private function asIf(Order $order, Variant $variant): Order
    {
        $line = $order->lines()->sole();
        Download::query()->where('order_id', $order->id)->delete();
        $line->update(['variant_id' => $variant->id, 'choices' => $variant->choices[0] ?? '']);
        app(GrantDownloads::class)->handOver([$line->setRelation('order', $order)], []);

        return $order;
    }
}
