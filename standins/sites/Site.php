<?php

declare(strict_types=1);

namespace Standins\sites;

use Standins\Answer;
use Standins\Request;

/** Pages of other people, each at a host of its own, into which widgets were pasted. */
final readonly class Site
{
    /** By the first word of the host. */
    private const PAGES = ['landing', 'old', 'strict', 'garden', 'fair', 'wall', 'night', 'margin', 'attic', 'cage', 'turning', 'loud', 'based', 'hoard', 'single'];

    private const WALL = 50;

    /** Longer than a widget waits. */
    private const SLOW_SECONDS = 12;

    /** @param  string  $folder  in which what was pasted stands, as `widgets-{set}.json` */
    public function __construct(private string $folder) {}

    public function answer(Request $request): Answer
    {
        $name = explode('.', $request->host)[0];
        if ($name === 'broken') {
            return self::broken($request->query['codes'] ?? '');
        }
        if ($name === 'hoard' && $request->path === '/worker.js') {
            return Answer::script((string) file_get_contents(__DIR__.'/pages/hoard-worker.js'));
        }
        $path = $request->path === '/' ? $name : $name.str_replace('/', '-', $request->path);
        $file = __DIR__."/pages/{$path}.html";
        if (! in_array($name, self::PAGES, true) || preg_match('/\A[a-z-]+\z/', $path) !== 1 || ! is_file($file)) {
            return Answer::page('<!doctype html><title>Not found</title><h1>Nothing here</h1>', 404);
        }
        $set = self::name($request->query['set'] ?? 'demo');
        $pasted = $this->pasted($set);
        $page = Answer::page(str_replace('{{set}}', $set, $this->filled((string) file_get_contents($file), $pasted)));

        return $name === 'strict' ? $page->with('Content-Security-Policy', self::policy($pasted['base'] ?? '')) : $page;
    }

    /** A shop that answers its widgets as no shop should, by what is asked for. */
    private static function broken(string $codes): Answer
    {
        if ($codes === 'aaaaaa1') {
            sleep(self::SLOW_SECONDS);
        }
        $answer = match ($codes) {
            'aaaaaa2' => Answer::page('<!doctype html><title>Maintenance</title>'),
            'aaaaaa3' => Answer::json(['v' => 2, 'items' => []]),
            'aaaaaa4' => Answer::json(['v' => 1, 'widgets' => [['code' => 'aaaaaa4', 'caption' => 7]], 'words' => [], 'changes_at' => 'never']),
            'aaaaaa7' => Answer::json(['v' => 1, 'widgets' => [['code' => 'aaaaaa7', 'href' => 'javascript:document.title=1', 'form' => 'button', 'state' => 'idle', 'caption' => 'Click', 'click' => 'follow', 'questions' => [], 'ask' => null]], 'words' => ['language' => 'en'], 'changes_at' => null]),
            'aaaaaa5' => Answer::json(['v' => 1, 'widgets' => [], 'words' => [], 'changes_at' => null]),
            default => Answer::json(['message' => 'Out of order.'], 500),
        };

        return $answer->with('Access-Control-Allow-Origin', '*');
    }

    /** What a careful site allows when it has read the third line that the desk gives: one host, for three things. */
    private static function policy(string $shop): string
    {
        return "default-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'; style-src 'self' 'sha256-".base64_encode(hash('sha256', self::style(), true))."'; script-src {$shop}; connect-src {$shop}; img-src data: {$shop}; require-trusted-types-for 'script'";
    }

    private static function style(): string
    {
        preg_match('~<style>(.*)</style>~s', (string) file_get_contents(__DIR__.'/pages/strict.html'), $found);

        return $found[1] ?? '';
    }

    /** @param  array<string, string>  $pasted  by the name of the place */
    private function filled(string $page, array $pasted): string
    {
        return (string) preg_replace_callback('/<!-- widget: ([a-z]+)(?: \* (\d+))? -->/', static fn (array $found): string => str_repeat($pasted[$found[1]] ?? '', min(self::WALL, (int) ($found[2] ?? 1))), $page);
    }

    private static function name(string $set): string
    {
        return preg_match('/\A[a-z0-9]{1,40}\z/', $set) === 1 ? $set : 'demo';
    }

    /** @return array<string, string> by the name of the place; `base` is the shop's origin */
    private function pasted(string $set): array
    {
        $file = "{$this->folder}/widgets-{$set}.json";
        $pasted = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($pasted) ? array_filter($pasted, static fn (mixed $snippet, mixed $place): bool => is_string($snippet) && is_string($place), ARRAY_FILTER_USE_BOTH) : [];
    }
}
