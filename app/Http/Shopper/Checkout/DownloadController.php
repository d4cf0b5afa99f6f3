<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Downloads\FindDownload;
use App\Downloads\UseDownload;
use App\Http\Input;
use App\Models\Download;
use App\Models\DownloadFile;
use App\Models\Shop;
use App\Time\Clock;
use App\Uploads\FileFolder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Download\FileName;
use PaperKite\Download\FileSize;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Files that were bought. Opening a mailed address counts nothing, since mail programs open it, too: only the button does. */
final readonly class DownloadController
{
    /** Where the web server finds them, for the application alone. */
    private const INTERNALLY = '/files-that-were-bought/';

    public function __construct(
        private FindDownload $find,
        private Clock $clock,
    ) {}

    public function show(Shop $shop, string $secret): Response
    {
        return $this->page($shop, $this->find->link($shop, $secret) ?? abort(404), $secret, Answer::HTTP_OK);
    }

    public function begin(Request $request, Shop $shop, string $secret, UseDownload $use): Answer
    {
        $download = $this->find->link($shop, $secret) ?? abort(404);
        $begun = $use($download, (int) Input::text($request, 'file'));

        // The page says why there is nothing.
        return $begun === null
            ? $this->page($shop, $download->refresh(), $secret, Answer::HTTP_UNPROCESSABLE_ENTITY)
            : new RedirectResponse("/file/{$begun}", Answer::HTTP_SEE_OTHER);
    }

    /** The file itself, from any byte on: the web server answers ranges (RFC 9110, 14). */
    public function file(Shop $shop, string $secret, FileFolder $folder): Answer
    {
        $begun = $this->find->begun($shop, $secret) ?? abort(404);
        $version = $begun->of->file->versions->firstWhere('number', $begun->version) ?? abort(404);
        if (! is_file($folder->pathOf($version->stored))) {
            return response()->view('shop.notice', ['shop' => $shop, 'title' => $version->name, 'text' => $shop->wording()->say('download.gone', shop: $shop->name)], Answer::HTTP_SERVICE_UNAVAILABLE);
        }

        return response('', Answer::HTTP_OK, [
            'X-Accel-Redirect' => self::INTERNALLY.$version->stored->path,
            'Content-Type' => 'application/octet-stream',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $version->name, FileName::of($version->name)->ascii()),
        ]);
    }

    private function page(Shop $shop, Download $download, string $secret, int $status): Response
    {
        $download->load(['order', 'line', 'files.file.versions.stored']);

        return response()->view('shop.download', [
            'shop' => $shop,
            'download' => $download,
            'secret' => $secret,
            'refusal' => $download->state($this->clock->moment())->refusal(),
            'day' => $shop->wording()->dates()->date($download->expires(), $shop->zone()),
            'files' => $download->files->map(static fn (DownloadFile $file): array => ['id' => $file->id, 'name' => $file->current()->name, 'size' => FileSize::shownOf($file->current()->stored->bytes), 'left' => max(0, $download->most - $file->used)])->all(),
        ], $status, ['X-Robots-Tag' => 'noindex']);
    }
}
