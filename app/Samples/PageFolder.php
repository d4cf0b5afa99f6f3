<?php

declare(strict_types=1);

namespace App\Samples;

use Closure;
use Illuminate\Filesystem\Filesystem;
use RuntimeException;

/** A folder for pages that are just drawn, which is gone afterwards. */
final readonly class PageFolder
{
    public function __construct(private Filesystem $files) {}

    /**
     * @template T
     *
     * @param  Closure(string): T  $work  with its path
     * @return T
     */
    public function with(Closure $work): mixed
    {
        $path = sys_get_temp_dir().'/kite-pages-'.bin2hex(random_bytes(8));
        if (! @mkdir($path, 0o700)) {
            throw new RuntimeException('No folder could be made for pages.');
        }
        try {
            return $work($path);
        } finally {
            $this->files->deleteDirectory($path);
        }
    }
}
