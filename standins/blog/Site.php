<?php

declare(strict_types=1);

namespace Standins\blog;

final readonly class Site
{
    private const LONGEST_NOTE = 65_536;

    private const NOTES_KEPT = 50;

    public function __construct(
        private string $folder,
        private string $buttonFile,
    ) {}

    /** @return array{int, string, string|null} status, HTML, and where to go on to */
    public function answer(string $method, string $path): array
    {
        return match (true) {
            $path === '/' => [200, $this->page('Hedge & Hollow', $this->part('index')), null],
            $path === '/april-in-the-apiary' => [200, $this->page('April in the apiary · Hedge & Hollow', str_replace('<!-- button -->', $this->button(), $this->part('post'))), null],
            $path === '/board' && $method === 'POST' => $this->pin(),
            $path === '/board' => [200, $this->page('Notice board · Hedge & Hollow', str_replace('<!-- notes -->', $this->notes(), $this->part('board'))), null],
            preg_match('#\A/board/(\d{1,12})\z#', $path, $found) === 1 && is_file($this->note($found[1])) => [200, $this->page('A note · Hedge & Hollow', '<article class="note">'.file_get_contents($this->note($found[1])).'</article><p class="back"><a href="/board">Back to the board</a></p>'), null],
            default => [404, $this->page('Not found · Hedge & Hollow', '<h1>Nothing here</h1>'), null],
        };
    }

    /** @return array{int, string, string|null} */
    private function pin(): array
    {
        $note = $_POST['note'] ?? '';
        if (! is_string($note) || trim($note) === '' || strlen($note) > self::LONGEST_NOTE) {
            return [422, $this->page('Notice board · Hedge & Hollow', '<p role="alert">A note holds 1 to 65,536 bytes; paste something else.</p>'.str_replace('<!-- notes -->', $this->notes(), $this->part('board'))), null];
        }
        $id = (string) (int) (microtime(true) * 100);
        file_put_contents($this->note($id), $note);
        foreach (array_slice($this->ids(), self::NOTES_KEPT) as $old) {
            unlink($this->note($old));
        }

        return [303, '', "/board/{$id}"];
    }

    private function notes(): string
    {
        $items = array_map(static fn (string $id): string => "<li><a href=\"/board/{$id}\">Note {$id}</a></li>", array_slice($this->ids(), 0, 10));

        return $items === [] ? '<p>Nothing is pinned yet.</p>' : '<ul>'.implode('', $items).'</ul>';
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

    private function page(string $title, string $content): string
    {
        return '<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>'.htmlspecialchars($title).'</title><link rel="icon" href="data:,"><style>'.file_get_contents(__DIR__.'/site.css').'</style></head><body><header><a href="/">Hedge &amp; Hollow</a><nav><a href="/board">Notice board</a></nav></header><main>'.$content.'</main><footer>A made-up site, to try Paper Kite on.</footer></body></html>';
    }
}
