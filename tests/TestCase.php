<?php

declare(strict_types=1);

namespace Tests;

use App\Payments\PaymentProvider;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\PendingCommand;
use Tests\Support\FakeProvider;
use Tests\Support\Makes;

/** A test of the application in this process, on a database of its own, every change of which is taken back. */
abstract class TestCase extends LaravelTestCase
{
    use DatabaseTransactions;
    use Makes;

    protected FakeProvider $provider;

    protected function setUp(): void
    {
        parent::setUp();
        // The stand-in's book is that of the servers beside which these tests run, and so is the spool.
        config(['kite.payments.standin.ledger' => null, 'kite.spool' => $this->spool()]);
        $this->provider = new FakeProvider;
        $this->app?->instance(PaymentProvider::class, $this->provider);
        apcu_clear_cache();
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->spool()}/*") ?: []);
        @rmdir($this->spool());
        parent::tearDown();
    }

    /** Of this process alone: that of the servers belongs to whoever they run as. */
    protected function spool(): string
    {
        return sys_get_temp_dir().'/paper-kite-spool-'.getmypid();
    }

    /** The address of a path in the console. */
    protected function console(string $path): string
    {
        return 'http://'.config()->string('kite.console_host').$path;
    }

    /** Does what waits in the queue, as the workers do. */
    protected function workQueue(string $queues = 'money,default,copies'): void
    {
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--queue' => $queues, '--tries' => 5, '--sleep' => 0]);
    }

    /** @param  array<string, mixed>  $arguments */
    protected function command(string $command, array $arguments = []): PendingCommand
    {
        $pending = $this->artisan($command, $arguments);

        return $pending instanceof PendingCommand ? $pending : self::fail('The command was run without being watched.');
    }
}
