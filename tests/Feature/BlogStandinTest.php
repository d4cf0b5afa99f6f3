<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Standins\blog\Site;

final class BlogStandinTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kite-board-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        file_put_contents("{$this->folder}/button.snippet", '<a href="http://shop.localhost/k/abc1234">Buy now</a>');
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    public function test_the_post_carries_the_demos_button(): void
    {
        self::assertStringContainsString('/k/abc1234">Buy now</a>', $this->ask('GET', '/april-in-the-apiary')['body']);
        self::assertStringContainsString('once the demo is loaded', PayStandinTest::parts((new Site($this->folder, '/nowhere'))->answer(PayStandinTest::request('GET', '/april-in-the-apiary')))['body']);
    }

    public function test_what_is_pinned_is_a_page_of_the_site_as_it_was_pasted(): void
    {
        $note = '<p>דבש 🍯 <a href="#x">Take one</a></p>';

        $pinned = $this->ask('POST', '/board', ['note' => $note]);

        self::assertSame(303, $pinned['status']);
        self::assertStringContainsString($note, $this->ask('GET', $pinned['location'])['body']);
        self::assertStringContainsString($pinned['location'], $this->ask('GET', '/board')['body']);
    }

    public function test_a_note_has_its_limits(): void
    {
        foreach (['', '  ', str_repeat('x', 65_537)] as $note) {
            self::assertSame(422, $this->ask('POST', '/board', ['note' => $note])['status']);
        }
        self::assertSame(404, $this->ask('GET', '/board/123')['status']);
        self::assertSame(404, $this->ask('GET', '/board/../../env')['status']);
        self::assertSame(404, $this->ask('GET', '/elsewhere')['status']);
    }

    public function test_the_board_keeps_the_latest_fifty(): void
    {
        for ($i = 0; $i < 55; $i++) {
            $this->ask('POST', '/board', ['note' => "note {$i}"]);
            usleep(1100);
        }

        self::assertCount(50, glob("{$this->folder}/*.html") ?: []);
    }

    /**
     * @param  array<string, string>  $form
     * @return array{status: int, body: string, location: string}
     */
    private function ask(string $method, string $path, array $form = []): array
    {
        return PayStandinTest::parts((new Site($this->folder, "{$this->folder}/button.snippet"))->answer(PayStandinTest::request($method, $path, form: $form)));
    }
}
