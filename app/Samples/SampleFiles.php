<?php

declare(strict_types=1);

namespace App\Samples;

use App\Models\Sample;
use PaperKite\Download\SampleFormat;

/** Sound and moving pictures that shoppers may hear and see, where the web server hands them out. */
final readonly class SampleFiles
{
    public function __construct(
        private string $folder,
        private string $pictures,
    ) {}

    /**
     * @return string the name under which it is handed out
     *
     * @throws UnusableSample
     */
    public function keep(string $path, SampleFormat $format): string
    {
        $name = bin2hex(random_bytes(16)).".{$format->value}";
        $to = "{$this->folder}/{$name}";
        $isThere = (is_dir($this->folder) || @mkdir($this->folder, 0o755, true) || is_dir($this->folder)) && @copy($path, $to) && @chmod($to, 0o644);
        if (! $isThere) {
            @unlink($to);
            throw UnusableSample::noRoom();
        }

        return $name;
    }

    /** @param  Sample  $sample  whose row is gone; a duplicate of its product may show the same */
    public function remove(Sample $sample): void
    {
        if ($sample->file !== null && Sample::query()->where('file', $sample->file)->doesntExist()) {
            @unlink("{$this->folder}/{$sample->file}");
        }
        foreach (Sample::query()->where('pictures', $sample->getRawOriginal('pictures'))->doesntExist() ? $sample->pictureFiles() : [] as $name) {
            @unlink("{$this->pictures}/{$name}");
        }
    }
}
