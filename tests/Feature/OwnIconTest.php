<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** An icon of the seller's own on the buttons of a look: a drawing, or a picture. */
final class OwnIconTest extends TestCase
{
    private const DRAWING = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20"><script>alert(1)</script><rect width="40" height="20" fill="#123456"/></svg>';

    private Shop $shop;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/kite-icons-'.bin2hex(random_bytes(6));
        config(['kite.pictures' => $this->folder]);
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_a_drawing_is_drawn_anew_and_stands_on_the_button_wherever_that_is(): void
    {
        $icon = $this->upload('kite.png', self::DRAWING)->assertCreated()->json();
        self::assertIsArray($icon);
        $path = is_string($icon['path'] ?? null) ? $icon['path'] : '';
        self::assertMatchesRegularExpression('~^/pictures/[0-9a-f]{32}-200x100\.svg$~', $path);
        self::assertSame('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20" width="200" height="100"><rect width="40" height="20" fill="#123456"/></svg>', file_get_contents($this->folder.'/'.basename($path)));

        $this->wear(['icon_id' => $icon['id'], 'icon_path' => $path])->assertOk();
        $place = $this->placement($this->offer($this->product($this->shop)), 'a page', ['medium' => 'html']);
        $snippet = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$place->offer_id}"))->json('placements.0.snippet');
        self::assertIsString($snippet);
        self::assertStringContainsString("<img src=\"{$this->shop->base()}{$path}\" alt=\"\" width=\"40\" height=\"20\"", $snippet);
        $place->update(['medium' => 'widget']);
        $this->get("{$this->shop->base()}/embed/data?v=1&codes={$place->code}")->assertOk()->assertJsonPath('widgets.0.icon.src', $this->shop->base().$path)->assertJsonPath('widgets.0.icon.width', 40);
        self::assertTrue($this->shop->pictures()->firstOrFail()->is_kept, 'What is pasted asks for it for good.');

        // It comes back as it was saved, and goes when it is left out.
        $this->wear(['icon_path' => $path])->assertOk()->assertJsonPath('items.0.entry.icon_path', $path);
        $this->wear(['icon_path' => ''])->assertOk()->assertJsonPath('items.0.entry.icon_path', '');
    }

    public function test_a_picture_can_be_an_icon_and_what_is_neither_is_refused(): void
    {
        $this->upload('leaf.svg', $this->png())->assertCreated()->assertJsonPath('path', static fn (string $path): bool => str_ends_with($path, '-30x20.webp'));
        $this->upload('leaf.svg', '<html><script>alert(1)</script></html>')->assertUnprocessable()->assertJsonPath('errors.picture.0', 'This is not an SVG drawing that can be read; export it as plain SVG, or upload it as PNG.');
        $this->upload('leaf.png', 'GIF89a')->assertUnprocessable()->assertJsonValidationErrorFor('picture');
        self::assertCount(1, glob("{$this->folder}/*.webp") ?: []);
    }

    public function test_no_product_shows_a_drawing_and_no_look_wears_an_icon_of_another_shop(): void
    {
        $this->post($this->console("/api/shops/{$this->shop->slug}/pictures"), ['picture' => UploadedFile::fake()->createWithContent('a.svg', self::DRAWING)], ['Accept' => 'application/json'])->assertUnprocessable();

        $other = $this->shop();
        $theirs = $this->actingAs($this->person($other))->upload('a.svg', self::DRAWING, $other)->json('path');
        $this->actingAs($this->person($this->shop));
        $this->wear(['icon_path' => $theirs])->assertOk()->assertJsonPath('items.0.entry.icon_path', '');
        $this->wear(['icon_path' => '../../etc/passwd'])->assertOk()->assertJsonPath('items.0.entry.icon_path', '');
    }

    private function png(): string
    {
        ob_start();
        imagepng(imagecreatetruecolor(30, 20));

        return (string) ob_get_clean();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function upload(string $name, string $bytes, ?Shop $shop = null): TestResponse
    {
        return $this->post($this->console('/api/shops/'.($shop ?? $this->shop)->slug.'/looks/icons'), ['picture' => UploadedFile::fake()->createWithContent($name, $bytes)], ['Accept' => 'application/json']);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function wear(array $with): TestResponse
    {
        $look = $this->getJson($this->console("/api/shops/{$this->shop->slug}/looks"))->json('items.0');
        self::assertIsArray($look);
        $id = is_int($look['id']) ? $look['id'] : 0;

        return $this->putJson($this->console("/api/shops/{$this->shop->slug}/looks/{$id}"), $with + (array) $look['entry']);
    }
}
