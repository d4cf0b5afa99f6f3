<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Picture;
use App\Models\Shop;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Pictures as they are uploaded: drawn anew, or refused. */
final class PictureTest extends TestCase
{
    private Shop $shop;

    private Person $seller;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->seller = $this->person($this->shop);
        $this->actingAs($this->seller);
        $this->folder = sys_get_temp_dir().'/kite-pictures-'.bin2hex(random_bytes(4));
        config(['kite.pictures' => $this->folder]);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        is_dir($this->folder) && rmdir($this->folder);
        parent::tearDown();
    }

    public function test_a_picture_is_made_smaller_and_keeps_nothing_but_what_it_shows(): void
    {
        $secret = 'taken at 12 Chandler Court';
        $this->upload(self::png(2000, 1000).$secret, 'jar.png')->assertCreated();

        $picture = Picture::query()->sole();
        self::assertSame([1600, 800], [$picture->width, $picture->height]);
        $files = $picture->files()->all();
        self::assertSame(['webp' => [1600, 400, 800], 'jpg' => [1200]], [
            'webp' => array_map(fn (string $name): int => $this->widthOf($name, IMAGETYPE_WEBP), array_slice($files, 0, 3)),
            'jpg' => array_map(fn (string $name): int => $this->widthOf($name, IMAGETYPE_JPEG), array_slice($files, 3)),
        ]);
        self::assertEqualsCanonicalizing($files, array_map(basename(...), glob("{$this->folder}/*") ?: []));
        foreach ($files as $name) {
            self::assertStringNotContainsString($secret, (string) file_get_contents("{$this->folder}/{$name}"));
        }
    }

    #[DataProvider('unusable')]
    public function test_what_is_no_picture_is_refused_before_it_is_decoded(string $content, string $name, string $sentence): void
    {
        $told = $this->upload($content, $name)->assertUnprocessable()->json('errors.picture.0');

        self::assertIsString($told);
        self::assertStringContainsString($sentence, $told);
        self::assertSame([], glob("{$this->folder}/*") ?: []);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function unusable(): iterable
    {
        yield 'a drawing with a script' => ['<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"><script>alert(1)</script></svg>', 'x.svg', 'choose a JPEG'];
        yield 'a page that calls itself a picture' => ['<html><script>alert(1)</script></html>', 'x.png', 'choose a JPEG'];
        yield 'more pixels than there is memory for' => [self::header(6000, 5000), 'x.png', '25 megapixels'];
        yield 'half a picture' => [substr(self::png(50, 50), 0, 60), 'x.png', 'can’t be read'];
        yield 'nothing' => ['', 'x.png', 'choose a JPEG'];
    }

    public function test_without_room_nothing_of_a_picture_is_kept_and_the_seller_reads_why(): void
    {
        // A folder that can't be written is what a full disk looks like from here.
        config(['kite.pictures' => __FILE__.'/pictures']);

        $this->upload(self::png(10, 10), 'jar.png')->assertUnprocessable()->assertJsonPath('errors.picture.0', 'The server has no room for pictures just now; nothing was kept. Tell whoever runs it, and try again.');
        self::assertSame(0, Picture::query()->count());
    }

    public function test_a_person_brings_six_hundred_an_hour_and_no_more(): void
    {
        $limiter = app(RateLimiter::class);
        foreach (range(1, 600) as $picture) {
            $limiter->hit(md5('pictures'.'pictures|'.$this->seller->id), 3600);
        }

        $this->upload('x', 'x.png')->assertTooManyRequests()->assertJsonPath('message', 'That was tried too often; wait a minute and try again.');
        $this->actingAs($this->person($this->shop))->postJson($this->console("/api/shops/{$this->shop->slug}/pictures"), [])->assertUnprocessable();
    }

    public function test_pictures_are_ordered_described_and_the_shops_own(): void
    {
        $mine = array_map(fn (string $name): int => $this->uploaded($name), ['a.png', 'b.png']);
        $foreign = $this->shop()->pictures()->create(['file' => 'x.webp', 'width' => 1, 'height' => 1, 'created_at' => now()]);
        $entry = ['name' => 'Honey', 'sku' => 'honey', 'price' => '9.80', 'picture' => 'honey-jar', 'pictures' => [['id' => $mine[1], 'alt' => 'A jar'], ['id' => $foreign->id, 'alt' => ''], ['id' => $mine[0], 'alt' => '']]];

        $answer = $this->postJson($this->console("/api/shops/{$this->shop->slug}/products"), $entry)->assertCreated()->assertJsonPath('pictures.0.id', $mine[1])->assertJsonCount(2, 'pictures');
        $lead = Picture::query()->findOrFail($mine[1]);
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/products"))->assertJsonPath('items.0.picture_path', $lead->path());
        $this->get("http://{$this->shop->host}/p/honey")->assertSee('alt="A jar"', false);

        $id = $answer->json('id');
        self::assertIsInt($id);
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/products/{$id}"), ['pictures' => []] + $entry)->assertOk()->assertJsonCount(0, 'pictures');
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/products"))->assertJsonPath('items.0.picture_path', '/drawings/honey-jar.svg');
    }

    public function test_a_page_offers_three_widths_and_reserves_their_room_and_shows_none_where_there_is_none(): void
    {
        $id = $this->upload(self::png(2000, 1000), 'jar.png')->json('id');
        $entry = ['name' => 'Honey', 'sku' => 'honey', 'price' => '9.80', 'pictures' => [['id' => $id, 'alt' => 'A jar']]];
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/products"), $entry)->assertCreated();
        $product = $this->shop->products()->firstOrFail()->id;
        $file = Picture::query()->sole()->files();
        foreach (['/', '/p/honey'] as $page) {
            $html = (string) $this->get("http://{$this->shop->host}{$page}")->assertOk()->getContent();
            self::assertStringContainsString('srcset="'.$file->widths().'"', $html);
            self::assertMatchesRegularExpression('~<img src="'.preg_quote($file->plainPath()).'" alt="[^"]*" width="1600" height="800"~', $html);
        }

        $this->putJson($this->console("/api/shops/{$this->shop->slug}/products/{$product}"), ['pictures' => []] + $entry)->assertOk();
        foreach (['/', '/p/honey'] as $page) {
            self::assertDoesNotMatchRegularExpression('~<img (?!src="/p/honey/seen")~', (string) $this->get("http://{$this->shop->host}{$page}")->assertOk()->getContent());
        }
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/products"))->assertJsonPath('items.0.picture_path', '');
    }

    private function widthOf(string $name, int $type): int
    {
        $size = getimagesize("{$this->folder}/{$name}");

        return $size !== false && $size[2] === $type ? $size[0] : 0;
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function upload(string $content, string $name): TestResponse
    {
        return $this->post($this->console("/api/shops/{$this->shop->slug}/pictures"), ['picture' => UploadedFile::fake()->createWithContent($name, $content)], ['Accept' => 'application/json']);
    }

    private function uploaded(string $name): int
    {
        $id = $this->upload(self::png(20, 20), $name)->assertCreated()->json('id');

        return is_int($id) ? $id : self::fail('The picture has no id.');
    }

    private static function png(int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** The beginning of a PNG (its signature and IHDR chunk), which says how large it would be. */
    private static function header(int $width, int $height): string
    {
        $chunk = 'IHDR'.pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$chunk.pack('N', crc32($chunk));
    }
}
