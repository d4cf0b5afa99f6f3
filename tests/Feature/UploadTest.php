<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use App\Models\StoredFile;
use App\Uploads\FileFolder;
use App\Uploads\SweepUploads;
use Illuminate\Testing\TestResponse;
use PaperKite\Download\FileSize;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Files come in parts, each into its place, and go on where they broke off. */
final class UploadTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_file_comes_in_parts_and_is_whole_with_its_checksum(): void
    {
        $bytes = self::bytes(FileSize::PART * 2 + 777);
        $id = $this->begin('guide.pdf', strlen($bytes));
        foreach ([0, FileSize::PART, FileSize::PART * 2] as $offset) {
            $this->part($id, $offset, substr($bytes, $offset, FileSize::PART))->assertOk();
        }

        $this->getJson($this->api("/uploads/{$id}"))->assertOk()->assertJson(['received' => strlen($bytes), 'next_part' => 0, 'sha256' => hash('sha256', $bytes)]);
        self::assertSame(hash('sha256', $bytes), hash_file('sha256', app(FileFolder::class)->pathOf(StoredFile::query()->findOrFail($id))));
        // What is whole is not written to any more, whoever asks.
        $this->part($id, 0, substr($bytes, 0, FileSize::PART))->assertUnprocessable()->assertJsonPath('errors.part.0', 'The file goes on at byte '.strlen($bytes).'; send the part that begins there.');
        $this->deleteJson($this->api("/uploads/{$id}"))->assertUnprocessable();
    }

    public function test_it_goes_on_where_it_broke_off_and_a_part_that_came_half_is_written_over(): void
    {
        $bytes = self::bytes(FileSize::PART + 10);
        $id = $this->begin('guide.pdf', strlen($bytes));
        $this->part($id, 0, substr($bytes, 0, FileSize::PART))->assertOk();
        // The server died after it had written, before it had noted it.
        $file = StoredFile::query()->findOrFail($id);
        file_put_contents(app(FileFolder::class)->pathOf($file), 'half a part that nobody counts', FILE_APPEND);

        self::assertSame(FileSize::PART, $this->getJson($this->api("/uploads/{$id}"))->json('received'));
        $this->part($id, FileSize::PART, substr($bytes, FileSize::PART))->assertOk()->assertJsonPath('sha256', hash('sha256', $bytes));
        self::assertSame($bytes, file_get_contents(app(FileFolder::class)->pathOf($file)));
    }

    #[DataProvider('wrongParts')]
    public function test_a_part_that_is_not_the_next_one_changes_nothing(int $offset, string $sent, ?string $digest, string $says): void
    {
        $id = $this->begin('guide.pdf', 12);
        $this->part($id, $offset, $sent, $digest)->assertUnprocessable()->assertJsonPath('errors.part.0', $says);

        $this->getJson($this->api("/uploads/{$id}"))->assertJson(['received' => 0, 'sha256' => null]);
        $this->part($id, 0, 'twelve bytes')->assertOk()->assertJsonPath('sha256', hash('sha256', 'twelve bytes'));
    }

    /** @return iterable<string, array{int, string, string|null, string}> */
    public static function wrongParts(): iterable
    {
        yield 'elsewhere' => [5, 'bytes', null, 'The file goes on at byte 0; send the part that begins there.'];
        yield 'damaged on its way' => [0, 'twelve bytes', hash('sha256', 'twelve bites', true), 'The part did not arrive as it was sent; send it again.'];
        yield 'too short' => [0, 'twelve', null, 'The part that comes next has 12 bytes; send exactly these.'];
        yield 'a byte too long' => [0, 'twelve bytes!', null, 'The part that comes next has 12 bytes; send exactly these.'];
        yield 'nothing' => [0, '', null, 'The part that comes next has 12 bytes; send exactly these.'];
        yield 'without a checksum' => [0, 'twelve bytes', '', 'Say where the part begins and what its checksum is, by Upload-Offset and Content-Digest.'];
        yield 'at a byte that is none' => [-1, 'twelve bytes', null, 'Say where the part begins and what its checksum is, by Upload-Offset and Content-Digest.'];
    }

    #[DataProvider('wrongBeginnings')]
    public function test_what_can_not_be_taken_is_said_before_anything_is_sent(mixed $name, mixed $bytes, string $field, string $says): void
    {
        $told = $this->postJson($this->api('/uploads'), ['name' => $name, 'bytes' => $bytes])->assertUnprocessable()->json("errors.{$field}.0");

        self::assertIsString($told);
        self::assertStringContainsString($says, $told);
        self::assertSame(0, StoredFile::query()->where('shop_id', $this->shop->id)->count());
    }

    /** @return iterable<string, array{mixed, mixed, string, string}> */
    public static function wrongBeginnings(): iterable
    {
        yield 'nothing in it' => ['a.pdf', 0, 'bytes', 'There is nothing in this file'];
        yield 'a byte too large' => ['a.pdf', FileSize::LARGEST + 1, 'bytes', 'up to 2 GB'];
        yield 'a size in words' => ['a.pdf', '12', 'bytes', 'There is nothing in this file'];
        yield 'no name' => ['', 12, 'name', 'The name of the file'];
        yield 'dots' => ['...', 12, 'name', 'is no name of a file'];
        yield 'turned around' => ["guide\u{202E}fdp.exe", 12, 'name', 'turns letters around'];
        yield 'a control character' => ["gui\0de.pdf", 12, 'name', 'The name of the file'];
        yield 'a byte too long' => [str_repeat('名', 121), 12, 'name', 'The name of the file'];
    }

    public function test_a_name_is_kept_in_any_script_and_without_its_folder(): void
    {
        foreach (['蜂の一年.pdf' => '蜂の一年.pdf', 'C:\\fakepath\\guide.pdf' => 'guide.pdf', '../../etc/passwd' => 'passwd', ' guide .pdf' => 'guide .pdf'] as $typed => $kept) {
            $this->postJson($this->api('/uploads'), ['name' => $typed, 'bytes' => 12])->assertCreated()->assertJsonPath('name', $kept);
        }
    }

    public function test_without_room_nothing_begins(): void
    {
        config(['kite.disk_reserve' => PHP_INT_MAX]);
        $this->postJson($this->api('/uploads'), ['name' => 'guide.pdf', 'bytes' => 5_000_000])->assertUnprocessable()
            ->assertJsonPath('errors.bytes.0', 'The server has no room for 4.8 MB just now; nothing was kept. Tell whoever runs it, and upload the file again.');
        self::assertSame(0, StoredFile::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_a_disk_that_fills_up_in_the_middle_is_said_and_nothing_is_left(): void
    {
        $id = $this->begin('guide.pdf', 12);
        $path = app(FileFolder::class)->pathOf(StoredFile::query()->findOrFail($id));
        is_dir(dirname($path)) || mkdir(dirname($path), recursive: true);
        // A device that is always full.
        symlink('/dev/full', $path);
        $this->part($id, 0, 'twelve bytes')->assertUnprocessable()->assertJsonPath('errors.bytes.0', 'The server ran out of room while the file came; nothing of it was kept. Tell whoever runs it, and upload the file again.');

        $this->getJson($this->api("/uploads/{$id}"))->assertNotFound();
        self::assertFalse(is_link($path));
    }

    public function test_what_nobody_went_on_with_is_swept_and_what_is_sold_stays(): void
    {
        $left = StoredFile::query()->findOrFail($this->begin('left.pdf', 12));
        $this->part($left->id, 0, 'twelve bytes')->assertOk();
        $sold = $this->soldFile($this->product($this->shop), 'what is sold');
        $folder = app(FileFolder::class);
        $orphan = $folder->pathOf($left).'-of-a-killed-server';
        file_put_contents($orphan, 'x');
        touch($orphan, time() - 3 * 86_400);
        app(SweepUploads::class)();
        self::assertFileExists($folder->pathOf($left));

        $this->travel(49)->hours();
        app(SweepUploads::class)();
        self::assertFileDoesNotExist($folder->pathOf($left));
        self::assertFileDoesNotExist($orphan);
        self::assertNull(StoredFile::query()->find($left->id));
        self::assertSame('what is sold', file_get_contents($folder->pathOf($sold->load('versions.stored')->current()->stored)));
    }

    public function test_another_shop_sees_nothing_of_it(): void
    {
        $id = $this->begin('guide.pdf', 12);
        $other = $this->shop();
        $this->actingAs($this->person($other));
        $address = $this->console("/api/shops/{$other->slug}/uploads/{$id}");

        $this->getJson($address)->assertNotFound();
        $this->deleteJson($address)->assertNotFound();
        $this->postJson($this->console("/api/shops/{$other->slug}/files"), ['upload' => $id])->assertUnprocessable();
    }

    private function begin(string $name, int $bytes): int
    {
        $id = $this->postJson($this->api('/uploads'), ['name' => $name, 'bytes' => $bytes])->assertCreated()->json('id');

        return is_int($id) ? $id : self::fail('It has no id.');
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function part(int $id, int $offset, string $bytes, ?string $digest = null): TestResponse
    {
        $digest = base64_encode($digest ?? hash('sha256', $bytes, true));

        return $this->call('PUT', $this->api("/uploads/{$id}"), server: $this->transformHeadersToServerVars(['Upload-Offset' => (string) $offset, 'Content-Digest' => "sha-256=:{$digest}:", 'Content-Type' => 'application/octet-stream', 'Accept' => 'application/json']), content: $bytes);
    }

    private static function bytes(int $length): string
    {
        return substr(str_repeat(hash('sha512', (string) $length, true), intdiv($length, 64) + 1), 0, $length);
    }

    private function api(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}{$path}");
    }
}
