<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Sample;
use App\Models\SampleState;
use App\Models\Shop;
use App\Samples\SweepSamples;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\Pdf;
use Tests\TestCase;

/** What is shown of goods before they are bought. */
final class SampleTest extends TestCase
{
    private Shop $shop;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
        $this->folder = sys_get_temp_dir().'/kite-samples-'.bin2hex(random_bytes(4));
        config(['kite.pictures' => $this->folder, 'kite.samples' => $this->folder]);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        is_dir($this->folder) && rmdir($this->folder);
        parent::tearDown();
    }

    public function test_the_first_pages_of_a_pdf_are_drawn_in_the_queue_and_shown_everywhere(): void
    {
        $product = $this->product($this->shop, ['sku' => 'guide', 'kind' => 'digital', 'summary' => '<p>Twelve months.</p>']);
        $file = $this->soldFile($product, Pdf::ofPages(['January', 'February', 'March', 'April']), 'guide.pdf');
        $id = self::idOf($this->postJson($this->api('/samples'), ['upload' => null, 'file' => $file->id, 'pages' => 3])->assertCreated()->assertJsonPath('state', 'waiting'));
        $this->workQueue('copies');
        $shown = $this->getJson($this->api("/samples/{$id}"))->assertOk()->assertJsonPath('state', 'ready')->assertJsonCount(3, 'pictures')->json('pictures');
        self::assertStringNotContainsString('guide', (string) json_encode($shown));
        Sample::query()->whereKey($id)->update(['product_id' => $product->id]);

        $placement = $this->placement($this->offer($product, ['destination' => 'choose']), as: ['medium' => 'widget', 'form' => 'story']);
        foreach (['/p/guide', '/p/guide?glance=1', "/o/{$placement->code}"] as $page) {
            $this->get("{$this->shop->base()}{$page}")->assertOk()->assertSee('The first pages')->assertSee('Page 3 of the sample');
        }
        $told = $this->get("{$this->shop->base()}/embed/data?codes={$placement->code}")->assertOk();
        $told->assertJsonPath('widgets.0.story.0.sample.kind', 'pages')->assertJsonCount(3, 'widgets.0.story.0.sample.pictures');
        $placement->update(['form' => 'picture']);
        $this->get("{$this->shop->base()}/embed/data?codes={$placement->code}")->assertJsonPath('widgets.0.goods.sample.title', 'The first pages')->assertJsonPath('widgets.0.story', []);
    }

    #[DataProvider('unreadable')]
    public function test_a_pdf_that_can_not_be_drawn_says_why(string $pdf, string $says): void
    {
        $id = self::idOf($this->sample($pdf, 'x.pdf')->assertCreated());
        $this->workQueue('copies');

        $told = $this->getJson($this->api("/samples/{$id}"))->assertJsonPath('state', 'broken')->json('problem');
        self::assertIsString($told);
        self::assertStringContainsString($says, $told);
        self::assertSame([], glob(sys_get_temp_dir().'/kite-pages-*'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'cut off' => [substr(Pdf::ofPages(['January']), 0, 90), 'it may be damaged'];
        yield 'only its mark' => ["%PDF-1.4\n".str_repeat('x', 500), 'it may be damaged'];
        yield 'encrypted' => [Pdf::encrypted(), 'asks for a password'];
        yield 'more than it may have' => [Pdf::endless(), 'draw'];
    }

    public function test_fewer_pages_than_were_asked_for_are_all_of_them_and_never_more_than_five(): void
    {
        foreach ([[1, 5, 1], [8, 5, 5], [8, 99, 5], [8, -3, 1]] as [$there, $asked, $shown]) {
            $id = self::idOf($this->sample(Pdf::ofPages(array_fill(0, $there, 'A page')), 'x.pdf', $asked));
            $this->workQueue('copies');
            $this->getJson($this->api("/samples/{$id}"))->assertJsonCount($shown, 'pictures');
        }
    }

    #[DataProvider('kinds')]
    public function test_sound_and_moving_pictures_are_kept_under_a_name_that_says_nothing(string $bytes, string $kind, string $ending): void
    {
        $told = $this->sample($bytes, 'secret-name.exe')->assertCreated()->assertJsonPath('kind', $kind)->assertJsonPath('state', 'ready');
        $path = $told->json('path');

        self::assertIsString($path);
        self::assertMatchesRegularExpression("#\\A/samples/[0-9a-f]{32}\\.{$ending}\\z#", $path);
        self::assertSame($bytes, file_get_contents($this->folder.'/'.basename($path)));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function kinds(): iterable
    {
        yield 'mp3 with a tag' => ["ID3\x04\0\0".str_repeat("\0", 40), 'audio', 'mp3'];
        yield 'mp3 without' => ["\xFF\xFB\x90\x64".str_repeat("\0", 40), 'audio', 'mp3'];
        yield 'wav' => ["RIFF\x24\0\0\0WAVEfmt ", 'audio', 'wav'];
        yield 'ogg' => ["OggS\0\x02".str_repeat("\0", 30).'vorbis', 'audio', 'ogg'];
        yield 'm4a' => ["\0\0\0\x20ftypM4A \0\0", 'audio', 'm4a'];
        yield 'mp4' => ["\0\0\0\x20ftypisom\0\0", 'video', 'mp4'];
        yield 'webm' => ["\x1A\x45\xDF\xA3\x01\0\0\x42\x82\x84webm", 'video', 'webm'];
    }

    #[DataProvider('refused')]
    public function test_what_can_not_be_shown_is_refused(string $bytes): void
    {
        $this->sample($bytes, 'song.mp3')->assertUnprocessable()->assertJsonPath('errors.upload.0', 'This can’t be shown on a page; choose a picture, an MP3, OGG, M4A or WAV, an MP4 or WebM, or a PDF.');
        self::assertSame(0, Sample::query()->where('shop_id', $this->shop->id)->count());
    }

    /** @return iterable<string, array{string}> */
    public static function refused(): iterable
    {
        yield 'a page' => ['<!doctype html><script>alert(1)</script>'];
        yield 'a drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'];
        yield 'a program' => ["MZ\x90\0\x03"];
        yield 'a packed file' => ["PK\x03\x04"];
        yield 'text' => ['Only words.'];
    }

    public function test_a_page_plays_it_and_says_what_it_is(): void
    {
        $product = $this->product($this->shop, ['sku' => 'song', 'kind' => 'digital']);
        $this->get("{$this->shop->base()}/p/song")->assertOk()->assertDontSee('class="sample"', false);
        $id = self::idOf($this->sample("ID3\x04\0\0".str_repeat("\0", 40), 'song.mp3'));
        Sample::query()->whereKey($id)->update(['product_id' => $product->id]);

        $page = $this->get("{$this->shop->base()}/p/song")->assertOk()->assertSee('A piece to hear')->assertSee('<audio controls preload="none" src="/samples/', false);
        self::assertStringContainsString("media-src 'self'", (string) $page->headers->get('Content-Security-Policy'));
        Sample::query()->whereKey($id)->update(['state' => SampleState::Broken]);
        $this->get("{$this->shop->base()}/p/song")->assertDontSee('class="sample"', false);
    }

    public function test_one_that_is_in_no_form_is_swept_with_its_files_unless_a_duplicate_shows_it(): void
    {
        $gone = $this->sampleOf("ID3\x04\0\0first");
        $shared = $this->sampleOf("ID3\x04\0\0second");
        $copy = $shared->replicate();
        $copy->fill(['created_at' => now(), 'product_id' => $this->product($this->shop)->id])->save();
        $this->travel(31)->days();
        self::assertSame(2, app(SweepSamples::class)());

        self::assertFileDoesNotExist("{$this->folder}/{$gone->file}");
        self::assertFileExists("{$this->folder}/{$copy->file}");
    }

    private function sampleOf(string $bytes): Sample
    {
        return Sample::query()->findOrFail(self::idOf($this->sample($bytes, 'x.mp3')));
    }

    /** @param  TestResponse<Response>  $answer */
    private static function idOf(TestResponse $answer): int
    {
        $id = $answer->json('id');

        return is_int($id) ? $id : self::fail('It has no id.');
    }

    /** @return TestResponse<Response> */
    private function sample(string $bytes, string $name, int $pages = 3): TestResponse
    {
        return $this->postJson($this->api('/samples'), ['upload' => $this->stored($this->shop, $bytes, $name)->id, 'file' => null, 'pages' => $pages]);
    }

    private function api(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}{$path}");
    }
}
