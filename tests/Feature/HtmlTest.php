<?php

declare(strict_types=1);

namespace Tests\Feature;

use PaperKite\Link\HtmlButton;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What sellers paste into other people's pages is valid HTML. */
final class HtmlTest extends TestCase
{
    #[DataProvider('captions')]
    public function test_the_button_is_valid_html(string $caption): void
    {
        $file = tempnam(sys_get_temp_dir(), 'kite').'.html';
        file_put_contents($file, '<!DOCTYPE html><html lang="en"><head><title>A page</title></head><body><h1>A page</h1><p>'.(new HtmlButton('https://honey.example/k/abc1234', $caption))->html().'</p></body></html>');
        $check = new Process(['node_modules/.bin/html-validate', '--config', 'tests/html-validate.json', $file], dirname(__DIR__, 2));
        $check->run();
        unlink($file);

        self::assertSame(0, $check->getExitCode(), $check->getOutput().$check->getErrorOutput());
    }

    /** @return iterable<array{string}> */
    public static function captions(): iterable
    {
        yield from [['Buy now'], ['<script>alert("x")</script>'], ['קנה & שמור 🍯']];
    }
}
