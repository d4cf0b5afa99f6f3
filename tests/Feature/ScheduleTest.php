<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\OneRunAtATime;
use App\Console\Scheduled;
use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Database\DatabaseManager;
use Tests\TestCase;

/** What is due by itself every minute, and at times takes longer. */
final class ScheduleTest extends TestCase
{
    public function test_what_is_not_done_yet_is_not_begun_again_beside_itself(): void
    {
        $databases = app(DatabaseManager::class);
        $elsewhere = new OneRunAtATime($databases->connectUsing('of another process', (array) $databases->connection()->getConfig(), force: true));
        $words = self::event('search:write');

        self::assertTrue($elsewhere->create($words));
        self::assertFalse($words->filtersPass(app()));
        self::assertTrue($words->shouldSkipDueToOverlapping(), 'It was begun between the question and the start.');
        self::assertTrue(self::event('stock:tell')->filtersPass(app()), 'Nothing else waits for it.');

        $elsewhere->forget($words);
        self::assertTrue($words->filtersPass(app()));
        self::assertFalse($words->shouldSkipDueToOverlapping());
        self::assertFalse($elsewhere->create($words));
        $words->mutex->forget($words);
        self::assertTrue($elsewhere->create($words));
        // Whoever is killed lets go of it.
        $databases->purge('of another process');
        self::assertTrue($words->filtersPass(app()));
    }

    public function test_a_database_that_is_away_keeps_the_scheduler_from_nothing_else(): void
    {
        config(['database.connections.nowhere' => ['port' => '1'] + (array) config('database.connections.mariadb')]);
        $away = new OneRunAtATime(app(DatabaseManager::class)->connection('nowhere'));
        $words = self::event('search:write');
        $words->mutex = $away;

        self::assertTrue($words->filtersPass(app()));
        self::assertTrue($words->shouldSkipDueToOverlapping());
        $away->forget($words);
        self::assertTrue(self::event('counts:write')->filtersPass(app()));
    }

    public function test_what_counts_all_the_time_is_begun_each_minute_as_the_one_before_it_ends(): void
    {
        self::assertFalse(self::event('counts:write')->withoutOverlapping);
    }

    private static function event(string $command): Event
    {
        Scheduled::register($schedule = new Schedule);

        return collect($schedule->events())->firstOrFail(static fn (Event $event): bool => str_contains((string) $event->command, " {$command}"));
    }
}
