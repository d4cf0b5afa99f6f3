<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Models\PartnerReport;
use App\Models\ReportState;
use PaperKite\Sheet\Encoding;

/** The files of reports, as they came and as UTF-8, outside of what a web server hands out; kept until they are read. */
final readonly class ReportFiles
{
    private const AT_ONCE = 65_536;

    public function __construct(private string $folder) {}

    /** @return string the name under which it is kept */
    public function keep(string $path): string
    {
        $name = bin2hex(random_bytes(16));
        $isThere = (is_dir($this->folder) || @mkdir($this->folder, 0o750, true) || is_dir($this->folder)) && @copy($path, $this->original($name));
        if (! $isThere) {
            $this->remove($name);
            throw UnusableReport::notKept();
        }

        return $name;
    }

    /** @return int bytes of it as UTF-8 */
    public function convert(string $name, Encoding $encoding): int
    {
        $in = @fopen($this->original($name), 'rb');
        $out = @fopen("{$this->text($name)}.part", 'wb');
        if ($in === false || $out === false) {
            throw UnusableReport::notKept();
        }
        fseek($in, Encoding::markLength((string) fread($in, 4)));
        $written = 0;
        $rest = '';
        while (! feof($in)) {
            $bytes = $rest.fread($in, self::AT_ONCE);
            $whole = feof($in) ? strlen($bytes) : self::wholeLength($bytes, $encoding);
            $rest = substr($bytes, $whole);
            $text = $encoding->toUtf8(substr($bytes, 0, $whole));
            if (@fwrite($out, $text) !== strlen($text)) {
                @unlink("{$this->text($name)}.part");
                throw UnusableReport::notKept();
            }
            $written += strlen($text);
        }
        fclose($in);
        fclose($out);

        return @rename("{$this->text($name)}.part", $this->text($name)) ? $written : throw UnusableReport::notKept();
    }

    /** @return resource of UTF-8 text */
    public function open(string $name)
    {
        $stream = @fopen($this->text($name), 'rb');

        return $stream === false ? throw UnusableReport::gone() : $stream;
    }

    /** The first bytes as they came. */
    public function start(string $name): string
    {
        return (string) @file_get_contents($this->original($name), length: self::AT_ONCE);
    }

    public function remove(string $name): void
    {
        @unlink($this->original($name));
        @unlink($this->text($name));
    }

    /** Files that are read by no report any more. */
    public function sweep(): void
    {
        $names = array_unique(array_map(static fn (string $path): string => explode('.', basename($path))[0], glob("{$this->folder}/*.*") ?: []));
        foreach (array_chunk($names, 500) as $some) {
            $kept = PartnerReport::query()->whereIn('file', $some)->whereIn('state', [ReportState::New, ReportState::Reading])->pluck('file')->all();
            foreach (array_diff($some, array_filter($kept, is_string(...))) as $name) {
                $this->remove($name);
            }
        }
    }

    /** Where no letter is cut through. */
    private static function wholeLength(string $bytes, Encoding $encoding): int
    {
        $length = strlen($bytes);
        if ($encoding !== Encoding::Utf8) {
            // A pair of UTF-16 that makes one letter is cut only in what no report has; its halves are written as they come.
            return $length - $length % $encoding->unit();
        }
        for ($back = 1; $back <= min(3, $length); $back++) {
            $byte = ord($bytes[$length - $back]);
            if ($byte >= 0xC0) {
                return $length - $back;
            }
            if ($byte < 0x80) {
                break;
            }
        }

        return $length;
    }

    private function original(string $name): string
    {
        return "{$this->folder}/{$name}.came";
    }

    private function text(string $name): string
    {
        return "{$this->folder}/{$name}.text";
    }
}
