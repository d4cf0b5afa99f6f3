<?php

declare(strict_types=1);

namespace Standins\blog;

use Standins\Answer;
use Standins\Request;

final readonly class Site
{
    private const LONGEST_NOTE = 65_536;

    private const NOTES_KEPT = 50;

    public function __construct(
        private string $folder,
        private string $buttonFile,
    ) {}

    public function answer(Request $request): Answer
    {
        return match (true) {
            $request->path === '/' => $this->page('Hedge & Hollow', $this->part('index')),
            $request->path === '/april-in-the-apiary' => $this->page('April in the apiary · Hedge & Hollow', str_replace('<!-- button -->', $this->button(), $this->part('post'))),
            $request->path === '/board' && $request->method === 'POST' => $this->pin($request->form['note'] ?? ''),
            $request->path === '/board' => $this->board(),
            preg_match('#\A/board/(\d{1,15})\z#', $request->path, $found) === 1 && is_file($this->note($found[1])) => $this->page('A note · Hedge & Hollow', '<h1>A note</h1><article class="note">'.file_get_contents($this->note($found[1])).'</article><p class="back"><a href="/board">Back to the board</a></p>'),
            default => $this->page('Not found · Hedge & Hollow', '<h1>Nothing here</h1>', 404),
        };
    }

    private function pin(string $note): Answer
    {
        if (trim($note) === '' || strlen($note) > self::LONGEST_NOTE) {
            return $this->board('<p role="alert">A note holds 1 to 65,536 bytes; paste something else.</p>', 422);
        }
        $id = (string) (int) (microtime(true) * 1000);
        file_put_contents($this->note($id), $note);
        foreach (array_slice($this->ids(), self::NOTES_KEPT) as $old) {
            unlink($this->note($old));
        }

        return Answer::goOnTo("/board/{$id}");
    }

    private function board(string $said = '', int $status = 200): Answer
    {
        $items = array_map(static fn (string $id): string => "<li><a href=\"/board/{$id}\">Note {$id}</a></li>", array_slice($this->ids(), 0, 10));
        $list = $items === [] ? '<p>Nothing is pinned yet.</p>' : '<ul>'.implode('', $items).'</ul>';

        return $this->page('Notice board · Hedge & Hollow', $said.str_replace('<!-- notes -->', $list, $this->part('board')), $status);
    }

    /** @return list<string> the latest first */
    private function ids(): array
    {
        $ids = array_map(static fn (string $file): string => basename($file, '.html'), glob("{$this->folder}/*.html") ?: []);
        rsort($ids, SORT_NUMERIC);

        return $ids;
    }

    private function note(string $id): string
    {
        return "{$this->folder}/{$id}.html";
    }

    private function button(): string
    {
        return is_file($this->buttonFile) ? (string) file_get_contents($this->buttonFile) : '<em>The demo’s button will stand here once the demo is loaded.</em>';
    }

    private function part(string $name): string
    {
        return (string) file_get_contents(__DIR__."/pages/{$name}.html");
    }

    private function page(string $title, string $content, int $status = 200): Answer
    {
        return Answer::page('<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>'.htmlspecialchars($title).'</title><link rel="icon" href="data:,"><style>'.file_get_contents(__DIR__.'/site.css').'</style></head><body><header><a href="/">Hedge &amp; Hollow</a><nav><a href="/board">Notice board</a></nav></header><main>'.$content.'</main><footer>A made-up site, to try Paper Kite on.</footer></body></html>', $status);
    }
}
