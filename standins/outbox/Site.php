<?php

declare(strict_types=1);

namespace Standins\outbox;

use Standins\Answer;
use Standins\Request;

/** Shows every message that was laid into its folder, the latest first. */
final readonly class Site
{
    private const SHOWN = 100;

    public function __construct(private string $folder) {}

    public function answer(Request $request): Answer
    {
        return match (true) {
            $request->path === '/' => $this->page('Outbox', $this->list()),
            preg_match('#\A/message/([A-Za-z0-9-]{1,80})\z#', $request->path, $found) === 1 && is_file($this->file($found[1])) => $this->page('A message', $this->message($this->file($found[1]))),
            default => $this->page('Not found', '<h1>No such message</h1>', 404),
        };
    }

    private function list(): string
    {
        $files = glob("{$this->folder}/*.eml") ?: [];
        usort($files, static fn (string $one, string $other): int => [filemtime($other), $other] <=> [filemtime($one), $one]);
        $items = array_map(function (string $file): string {
            $mail = Mail::read((string) file_get_contents($file));

            return sprintf('<li><a href="/message/%s">%s</a><span>to %s</span></li>', basename($file, '.eml'), self::escaped($mail->subject), self::escaped($mail->to));
        }, array_slice($files, 0, self::SHOWN));

        return '<h1>Outbox</h1>'.($items === [] ? '<p>Nothing has been sent yet.</p>' : '<ul class="messages">'.implode('', $items).'</ul>');
    }

    private function message(string $file): string
    {
        $mail = Mail::read((string) file_get_contents($file));

        return sprintf('<p><a href="/">All messages</a></p><h1 dir="auto">%s</h1><dl><dt>From</dt><dd>%s</dd><dt>To</dt><dd>%s</dd></dl>%s', self::escaped($mail->subject), self::escaped($mail->from), self::escaped($mail->to), $this->content($mail));
    }

    /** HTML stands in a frame without script, as a mail program shows it; its links open in the whole window. */
    private function content(Mail $mail): string
    {
        $html = $mail->html === '' ? '' : sprintf('<iframe class="letter" sandbox="allow-top-navigation-by-user-activation" title="The message" srcdoc="%s"></iframe>', self::escaped('<base target="_top">'.$mail->html));
        $text = $mail->text === '' ? '' : sprintf('<pre dir="auto">%s</pre>', preg_replace('#(https?://[^\s<]+)#', '<a href="$1">$1</a>', self::escaped($mail->text)));

        return $html === '' || $text === '' ? $html.$text : "{$html}<h2>As text</h2>{$text}";
    }

    private function file(string $name): string
    {
        return "{$this->folder}/{$name}.eml";
    }

    private function page(string $title, string $content, int $status = 200): Answer
    {
        return Answer::page("<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width, initial-scale=1\"><title>{$title}</title><link rel=\"icon\" href=\"data:,\"><style>".file_get_contents(__DIR__.'/site.css')."</style></head><body><main>{$content}</main><footer>A stand-in for mail: nothing here has left this machine.</footer></body></html>", $status);
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_HTML5 | ENT_SUBSTITUTE, 'UTF-8');
    }
}
