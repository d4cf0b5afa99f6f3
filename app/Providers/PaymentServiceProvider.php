<?php

declare(strict_types=1);

namespace App\Providers;

use App\Payments\Captures;
use App\Payments\GivesBack;
use App\Payments\NoProvider;
use App\Payments\PaymentProvider;
use App\Payments\ProviderUnreachable;
use App\Payments\StandinProvider;
use App\Time\Clock;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\ServiceProvider;
use RuntimeException;

/** The payment provider of this installation, and what it can do besides. */
final class PaymentServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(PaymentProvider::class, fn (Application $app): PaymentProvider => match (config('kite.payments.provider')) {
            null, '' => new NoProvider,
            'standin' => $this->standin($app),
            default => throw new RuntimeException('KITE_PAYMENTS names a payment provider that this installation does not know.'),
        });
        // A job that can't be done by this provider, or by none, is kept and tried again: the money is still there.
        foreach ([Captures::class, GivesBack::class] as $capability) {
            $this->app->bind($capability, static function (Application $app) use ($capability): object {
                $provider = $app->make(PaymentProvider::class);

                return $provider instanceof $capability ? $provider : throw ProviderUnreachable::notConfigured();
            });
        }
    }

    private function standin(Application $app): StandinProvider
    {
        if ($app->environment('production')) {
            throw new RuntimeException('The simulated payment provider does not run in production; set KITE_PAYMENTS to a real one.');
        }

        return new StandinProvider(
            $app->make(Factory::class),
            config()->string('kite.payments.standin.api'),
            config()->string('kite.payments.standin.host'),
            config()->string('kite.payments.standin.origin'),
            config()->string('kite.payments.standin.key'),
            config()->string('kite.payments.standin.webhook_secret'),
            $app->make(Clock::class),
        );
    }
}
