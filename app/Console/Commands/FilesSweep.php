<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Downloads\SweepFiles;
use App\Samples\SweepSamples;
use App\Uploads\SweepUploads;
use Illuminate\Console\Command;

final class FilesSweep extends Command
{
    protected $signature = 'files:sweep';

    protected $description = 'Clears away files and samples that are in no form, and uploads that nobody went on with';

    public function handle(SweepFiles $files, SweepSamples $samples, SweepUploads $uploads): int
    {
        $this->line("Files: {$files()}, samples: {$samples()}, uploads: {$uploads()}.");

        return self::SUCCESS;
    }
}
