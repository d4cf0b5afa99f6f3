<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rooms of the application, as phpat holds them apart: all of them, in no circle, each on few others. */
final class RoomsTest extends TestCase
{
    private const MOST_OTHERS = 5;

    public function test_every_folder_is_a_room_or_at_the_edge(): void
    {
        $folders = array_map(basename(...), glob(self::app().'/*', GLOB_ONLYDIR) ?: []);

        self::assertEqualsCanonicalizing($folders, [...array_keys(Rooms::ON), ...Rooms::EDGE]);
        self::assertSame([], glob(self::app().'/*.php'));
    }

    /** @return iterable<string, array{string}> */
    public static function rooms(): iterable
    {
        foreach (array_keys(Rooms::ON) as $room) {
            yield $room => [$room];
        }
    }

    #[DataProvider('rooms')]
    public function test_a_room_stands_on_what_it_says_and_on_few(string $room): void
    {
        self::assertSame($this->read($room), Rooms::ON[$room]);
        self::assertLessThanOrEqual(self::MOST_OTHERS, count(array_diff(Rooms::ON[$room], ['Models'])));
        self::assertNotContains($room, $this->below($room), "{$room} stands on itself in the end.");
    }

    public function test_the_documentation_shows_the_same_arrows(): void
    {
        $shown = [];
        preg_match_all('/^\| `App\\\\(\w+)` \|[^|]*\| ([^|]*) \|$/m', (string) file_get_contents(dirname(__DIR__, 2).'/docs/architecture.md'), $rows, PREG_SET_ORDER);
        foreach ($rows as [, $room, $on]) {
            $shown[$room] = $on === 'nothing' ? [] : explode(', ', $on);
        }

        self::assertEquals(Rooms::ON, $shown);
    }

    /** @return list<string> the rooms that its files name */
    private function read(string $room): array
    {
        $named = [];
        /** @var iterable<\SplFileInfo> $files */
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::app()."/{$room}", \FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            preg_match_all('/\bApp\\\\(\w+)\\\\/', (string) file_get_contents($file->getPathname()), $found);
            array_push($named, ...$found[1]);
        }
        $others = array_values(array_unique(array_diff($named, [$room])));
        sort($others);

        return $others;
    }

    /** @return list<string> all rooms that it stands on, however far down */
    private function below(string $room): array
    {
        $found = [];
        $open = Rooms::ON[$room];
        while ($open !== []) {
            $next = array_shift($open);
            if (! in_array($next, $found, true)) {
                $found[] = $next;
                array_push($open, ...Rooms::ON[$next]);
            }
        }

        return $found;
    }

    private static function app(): string
    {
        return dirname(__DIR__, 2).'/app';
    }
}
