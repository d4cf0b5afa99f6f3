<?php

declare(strict_types=1);

namespace App\Samples;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * The first pages of a PDF as PNG, drawn by poppler in a process of its own: it has no network, 20 seconds, 256 MB of
 * memory, as much disk as pages need, and no name of the file. What a PDF may do to it, it does to nothing else.
 */
final readonly class PdfPages
{
    private const SECONDS = 20;

    private const MEMORY = 256 * 1024 * 1024;

    private const LARGEST_FILE = 32 * 1024 * 1024;

    /** In px. */
    private const LONGEST_SIDE = 1400;

    /**
     * @param  string  $into  a folder that is there
     * @return list<string> paths, the first page first
     *
     * @throws UnreadablePdf
     */
    public function __invoke(string $path, int $pages, string $into): array
    {
        $process = new Process([
            'timeout', '-s', 'KILL', (string) self::SECONDS,
            'unshare', '--user', '--map-root-user', '--net',
            'prlimit', '--as='.self::MEMORY, '--cpu='.self::SECONDS, '--fsize='.self::LARGEST_FILE, '--core=0', '--',
            'pdftoppm', '-png', '-f', '1', '-l', (string) $pages, '-scale-to', (string) self::LONGEST_SIDE, $path, "{$into}/page",
        ], $into, self::nothingOf(getenv()), null, self::SECONDS + 2);
        try {
            $process->run();
        } catch (ProcessTimedOutException|ProcessSignaledException) {
            throw UnreadablePdf::tooMuch();
        }
        $drawn = glob("{$into}/page-*.png") ?: [];
        sort($drawn, SORT_NATURAL);

        return $process->isSuccessful() && $drawn !== [] ? $drawn : throw UnreadablePdf::because($process->getErrorOutput(), $process->getExitCode() ?? 0);
    }

    /**
     * @param  array<string, string>  $environment
     * @return array<string, string|false> what of it the process gets to see
     */
    private static function nothingOf(array $environment): array
    {
        return ['PATH' => '/usr/bin:/bin', 'LC_ALL' => 'C'] + array_fill_keys(array_keys($environment), false);
    }
}
