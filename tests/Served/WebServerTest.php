<?php

declare(strict_types=1);

namespace Tests\Served;

use GuzzleHttp\Client;
use Illuminate\Contracts\Process\InvokedProcess;
use Illuminate\Support\Facades\Process;
use Psr\Http\Message\ResponseInterface;

/** The web server's configuration that ships for real installations: here with a certificate of its own, on loopback. */
final class WebServerTest extends ServedTestCase
{
    private string $folder;

    private InvokedProcess $server;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/kite-nginx-'.bin2hex(random_bytes(6));
        mkdir($this->folder, 0o755);
        $this->makeCertificate();
        file_put_contents("{$this->folder}/nginx.conf", $this->configuration());
        $checked = Process::run(['nginx', '-t', '-e', 'stderr', '-c', "{$this->folder}/nginx.conf"]);
        self::assertTrue($checked->successful(), $checked->errorOutput());
        $this->server = Process::start(['nginx', '-e', 'stderr', '-c', "{$this->folder}/nginx.conf"]);
        $this->waitUntil(fn (): bool => $this->ask('/')->getStatusCode() === 200);
    }

    protected function tearDown(): void
    {
        $this->server->signal(SIGTERM);
        $this->server->wait();
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_plain_http_is_sent_on_and_browsers_are_held_to_tls(): void
    {
        $plain = self::shopper()->get('http://127.0.0.1:'.$this->port(6).'/p/honey?x=1', ['headers' => ['Host' => $this->shop->host]]);
        self::assertSame([301, "https://{$this->shop->host}/p/honey?x=1"], [$plain->getStatusCode(), $plain->getHeaderLine('Location')]);

        $drawing = basename((glob(public_path('drawings/*.svg')) ?: [''])[0]);
        foreach (['/' => 200, '/p/nothing-of-ours' => 404, "/drawings/{$drawing}" => 200, '/drawings/none.svg' => 404, '/build/manifest.json' => 200, '/embed/kite.js' => 200, '/embed/none.js' => 404, '/favicon.svg' => 200, '/pictures/none.webp' => 404, '/away.html' => 404] as $path => $status) {
            $answer = $this->ask($path);
            self::assertSame($status, $answer->getStatusCode(), $path);
            if ($status === 200) {
                self::assertSame(['max-age=31536000; includeSubDomains'], $answer->getHeader('Strict-Transport-Security'), $path);
            }
        }
        self::assertSame(['*', 'cross-origin'], [$this->ask('/embed/kite.js')->getHeaderLine('Access-Control-Allow-Origin'), $this->ask('/embed/kite.js')->getHeaderLine('Cross-Origin-Resource-Policy')]);
        self::assertStringContainsString('immutable', $this->ask('/build/manifest.json')->getHeaderLine('Cache-Control'));
    }

    public function test_whoever_comes_while_the_application_is_away_is_told(): void
    {
        file_put_contents("{$this->folder}/nginx.conf", str_replace((string) $this->port(2), '1', (string) file_get_contents("{$this->folder}/nginx.conf")));
        $this->server->signal(SIGHUP);
        $this->waitUntil(fn (): bool => $this->ask('/cart')->getStatusCode() === 502);

        $answer = $this->ask('/cart');
        self::assertStringContainsString('Back in a moment', (string) $answer->getBody());
        self::assertSame(['no-store', '30'], [$answer->getHeaderLine('Cache-Control'), $answer->getHeaderLine('Retry-After')]);
    }

    public function test_widgets_and_pages_stand_while_the_application_is_away_and_follow_when_it_is_back(): void
    {
        $honey = $this->product($this->shop, ['stock' => 3]);
        $code = $this->placement($this->offer($honey, ['caption' => 'A jar']), 'a page', ['medium' => 'widget'])->code;
        $address = "/embed/data?v=1&codes={$code}";
        $other = "/embed/data?v=1&codes={$this->placement($this->offer($honey), 'another page', ['medium' => 'widget'])->code}";
        $first = $this->ask($address);
        self::assertSame(200, $first->getStatusCode());
        // The shop's pages, too.
        $page = (string) $this->ask("/p/{$honey->sku}")->getBody();
        self::assertSame(304, $this->ask($address, ['If-None-Match' => $first->getHeaderLine('ETag')])->getStatusCode());

        $configured = (string) file_get_contents("{$this->folder}/nginx.conf");
        file_put_contents("{$this->folder}/nginx.conf", str_replace((string) $this->port(2), '1', $configured));
        $this->server->signal(SIGHUP);
        $this->waitUntil(fn (): bool => $this->ask('/cart')->getStatusCode() === 502);
        // Long past what is fresh, and what is served while it is made anew.
        sleep(9);
        self::assertSame([200, (string) $first->getBody()], [$this->ask($address)->getStatusCode(), (string) $this->ask($address)->getBody()]);
        self::assertSame(502, $this->ask($other)->getStatusCode());
        self::assertSame([200, $page], [$this->ask("/p/{$honey->sku}")->getStatusCode(), (string) $this->ask("/p/{$honey->sku}")->getBody()]);
        self::assertSame(502, $this->ask("/p/{$honey->sku}", ['Cookie' => 'theirs=1'])->getStatusCode());

        $honey->update(['stock' => 0]);
        file_put_contents("{$this->folder}/nginx.conf", $configured);
        $this->server->signal(SIGHUP);
        $this->waitUntil(fn (): bool => str_contains((string) $this->ask($address)->getBody(), '"sold_out"'));
    }

    public function test_a_change_is_told_ten_seconds_later_and_only_the_plain_address_is_kept(): void
    {
        $honey = $this->product($this->shop, ['stock' => 3]);
        $code = $this->placement($this->offer($honey), 'a page', ['medium' => 'widget'])->code;
        $address = "/embed/data?v=1&codes={$code}";
        self::assertSame('', (string) $this->ask($address, method: 'HEAD')->getBody());
        $this->ask($address);
        $honey->update(['stock' => 0]);
        self::assertStringContainsString('"idle"', (string) $this->ask($address)->getBody());
        self::assertStringContainsString('"sold_out"', (string) $this->ask("/embed/data?v=1&codes={$code},{$code}")->getBody());
        sleep(10);
        self::assertStringContainsString('"sold_out"', (string) $this->ask($address)->getBody());
    }

    /** @param  array<string, string>  $headers */
    private function ask(string $path, array $headers = [], string $method = 'GET'): ResponseInterface
    {
        return (new Client(['http_errors' => false, 'verify' => false, 'allow_redirects' => false]))->request($method, 'https://127.0.0.1:'.$this->port(7).$path, ['headers' => ['Host' => $this->shop->host] + $headers]);
    }

    private function configuration(): string
    {
        $site = strtr((string) file_get_contents(base_path('deploy/nginx.conf')), [
            'listen 80 ' => 'listen 127.0.0.1:'.$this->port(6).' ',
            'listen 443 ' => 'listen 127.0.0.1:'.$this->port(7).' ',
            'listen [::]:80 default_server;' => '',
            'listen [::]:443 ssl http2 default_server;' => '',
            'unix:/run/php/paper-kite.sock' => '127.0.0.1:'.$this->port(2),
            'unix:/run/php/paper-kite-paying.sock' => '127.0.0.1:'.$this->port(4),
            '/etc/paper-kite/tls/' => "{$this->folder}/",
            '/srv/paper-kite/public' => public_path(),
            '/srv/paper-kite/deploy' => base_path('deploy'),
            '/var/cache/paper-kite' => "{$this->folder}/kept",
        ]);
        $temporary = implode(' ', array_map(fn (string $kind): string => "{$kind}_temp_path {$this->folder}/{$kind};", ['client_body', 'fastcgi', 'proxy', 'uwsgi', 'scgi']));

        return "daemon off; pid {$this->folder}/pid; error_log {$this->folder}/log; events {}\nhttp { include /etc/nginx/mime.types; {$temporary}\n{$site}\n}\n";
    }

    /** @return int counted from the first of the ports that the tests take: 2 and 4 are php-fpm’s, 6 and 7 are free */
    private function port(int $nth): int
    {
        return (int) getenv('KITE_PUBLIC_PORT') + $nth;
    }

    private function makeCertificate(): void
    {
        $key = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']);
        self::assertNotFalse($key);
        $signing = $key;
        $request = openssl_csr_new(['commonName' => $this->shop->host], $signing);
        self::assertInstanceOf(\OpenSSLCertificateSigningRequest::class, $request);
        $certificate = openssl_csr_sign($request, null, $key, 1);
        self::assertNotFalse($certificate);
        openssl_x509_export_to_file($certificate, "{$this->folder}/fullchain.pem");
        openssl_pkey_export_to_file($key, "{$this->folder}/privkey.pem");
    }
}
