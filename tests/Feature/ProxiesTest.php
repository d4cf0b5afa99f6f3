<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\TrustListedProxies;
use Illuminate\Http\Request;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Whose word is taken for the visitor's address: of the proxies that the operator lists, and of nobody else. */
final class ProxiesTest extends TestCase
{
    protected function tearDown(): void
    {
        Request::setTrustedProxies([], Request::HEADER_X_FORWARDED_FOR);
        parent::tearDown();
    }

    /** @param  list<string>  $listed */
    #[TestWith([[], '10.0.0.7', '10.0.0.7'])]
    #[TestWith([['10.0.0.9'], '10.0.0.7', '10.0.0.7'])]
    #[TestWith([['10.0.0.7'], '10.0.0.7', '203.0.113.5'])]
    #[TestWith([['10.0.0.0/8'], '10.0.0.7', '203.0.113.5'])]
    #[TestWith([['fd00::/8'], 'fd00::7', '203.0.113.5'])]
    public function test_the_visitors_address_is_the_proxys_word_where_it_is_listed(array $listed, string $from, string $visitor): void
    {
        config(['trustedproxy.proxies' => $listed]);
        $request = Request::create('http://fern.localhost/', server: ['REMOTE_ADDR' => $from, 'HTTP_X_FORWARDED_FOR' => '203.0.113.5', 'HTTP_X_FORWARDED_HOST' => 'evil.example', 'HTTP_X_FORWARDED_PROTO' => 'https']);
        (new TrustListedProxies)->handle($request, static fn (): Response => new Response);

        self::assertSame([$visitor, 'fern.localhost', false], [$request->ip(), $request->getHost(), $request->isSecure()]);
    }

    public function test_the_list_comes_from_the_environment(): void
    {
        $previous = getenv('KITE_TRUSTED_PROXIES');
        putenv('KITE_TRUSTED_PROXIES=10.0.0.7,10.1.0.0/16');
        try {
            $_ENV['KITE_TRUSTED_PROXIES'] = '10.0.0.7,10.1.0.0/16';
            self::assertSame(['proxies' => ['10.0.0.7', '10.1.0.0/16'], 'country_header' => null], require config_path('trustedproxy.php'));
        } finally {
            unset($_ENV['KITE_TRUSTED_PROXIES']);
            putenv($previous === false ? 'KITE_TRUSTED_PROXIES' : "KITE_TRUSTED_PROXIES={$previous}");
        }
    }
}
