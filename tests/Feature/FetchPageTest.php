<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\PriceWatch\Answered;
use App\PriceWatch\Exchange;
use App\PriceWatch\FetchPage;
use App\PriceWatch\FetchTarget;
use App\PriceWatch\HostAddresses;
use App\PriceWatch\SpecialNets;
use App\PriceWatch\WatchedHosts;
use PaperKite\Partner\Price\PageProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What looks at other people's pages reaches nothing but what it may, and waits for nobody for long. */
final class FetchPageTest extends TestCase
{
    private static ?Process $site = null;

    private static int $port = 0;

    public static function setUpBeforeClass(): void
    {
        $free = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('No port is free.');
        self::$port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);
        self::$site = new Process([PHP_BINARY, dirname(__DIR__).'/Support/strange-site.php', (string) self::$port], timeout: null);
        self::$site->start();
        self::$site->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'ready'));
    }

    public static function tearDownAfterClass(): void
    {
        self::$site?->stop(1);
    }

    /** @return iterable<string, array{string, string|PageProblem, int}> */
    public static function answers(): iterable
    {
        yield 'a page' => ['/page', '<p>Here it is.</p>', 0];
        yield 'one that is gone' => ['/gone', PageProblem::Gone, 0];
        yield 'one that is not there' => ['/missing', PageProblem::NotFound, 0];
        yield 'a host that wants to be left alone' => ['/busy', PageProblem::Refused, 120];
        yield 'until a time' => ['/closed', PageProblem::Refused, 300];
        yield 'on within the host' => ['/on', '<p>Here it is.</p>', 0];
        yield 'on and on' => ['/around', PageProblem::LeadsAround, 0];
        yield 'to this machine' => ['/away', PageProblem::LeadsAway, 0];
        yield 'to another host' => ['/abroad', PageProblem::LeadsAway, 0];
        yield 'to another scheme' => ['/file', PageProblem::LeadsAway, 0];
        yield 'to another user' => ['/upwards', PageProblem::LeadsAway, 0];
        yield 'a huge page' => ['/large', PageProblem::TooLarge, 0];
        yield 'one that unpacks to a huge one' => ['/packed', PageProblem::TooLarge, 0];
        yield 'huge heads' => ['/heads', PageProblem::TooLarge, 0];
        yield 'one that never comes' => ['/slow', PageProblem::TooSlow, 0];
        yield 'one that never ends' => ['/endless', PageProblem::TooSlow, 0];
        yield 'no answer of the web' => ['/nonsense', PageProblem::Silent, 0];
        yield 'nothing' => ['/nothing', PageProblem::Silent, 0];
    }

    #[DataProvider('answers')]
    public function test_an_answer_is_read_within_its_limits(string $path, string|PageProblem $expected, int $wait): void
    {
        $port = self::$port;
        $began = microtime(true);
        $page = (new FetchPage(WatchedHosts::of('', "strange.localhost:{$port}=127.0.0.1"), new HostAddresses(static fn (): array => self::fail('A stand-in is asked at its own address.')), (new Exchange(1_500))(...)))("http://strange.localhost:{$port}{$path}");

        self::assertSame($expected, $page->problem ?? $page->html);
        self::assertEqualsWithDelta($wait, $page->waitSeconds, 2);
        self::assertLessThan(7.0, microtime(true) - $began);
    }

    /** @return iterable<string, array{string, PageProblem}> */
    public static function forbidden(): iterable
    {
        yield 'a host that nobody allowed' => ['http://elsewhere.example/page', PageProblem::NotAllowed];
        yield 'a host below an allowed one' => ['http://www.fern.example/page', PageProblem::NotAllowed];
        yield 'another port of an allowed one' => ['http://fern.example:8080/page', PageProblem::NotAllowed];
        yield 'an address in numbers' => ['http://127.0.0.1/page', PageProblem::NotAllowed];
        yield 'the same in one number' => ['http://2130706433/page', PageProblem::NotAllowed];
        yield 'of six' => ['http://[::1]/page', PageProblem::NotAllowed];
        yield 'this machine by name' => ['http://localhost/page', PageProblem::NotAllowed];
        yield 'a file' => ['file:///etc/passwd', PageProblem::NotAllowed];
        yield 'another protocol' => ['gopher://fern.example/', PageProblem::NotAllowed];
        yield 'a user before the host' => ['http://fern.example@127.0.0.1/', PageProblem::NotAllowed];
        yield 'a line break' => ["http://fern.example/\r\nHost: x", PageProblem::NotAllowed];
    }

    #[DataProvider('forbidden')]
    public function test_nothing_is_asked_of_anybody_who_is_not_allowed(string $address, PageProblem $expected): void
    {
        $page = (new FetchPage(WatchedHosts::of('fern.example', ''), new HostAddresses(static fn (): array => self::fail('Not even its name is looked up.')), static fn (): never => self::fail('Nobody is asked.')))($address);

        self::assertSame([$expected, ''], [$page->problem, $page->html]);
    }

    /** @return iterable<string, array{list<string>}> */
    public static function private(): iterable
    {
        foreach (['127.0.0.1', '10.1.2.3', '172.16.0.1', '192.168.1.1', '169.254.169.254', '100.64.0.1', '0.0.0.0', '224.0.0.1', '255.255.255.255', '198.18.0.1', '::1', '::', 'fe80::1', 'fc00::1', 'fd12::1', '::ffff:127.0.0.1', '::ffff:8.8.8.8', '64:ff9b::7f00:1', '2002:7f00:1::', '2001::1', 'ff02::1', '2001:db8::1', 'nonsense'] as $ip) {
            yield $ip => [[$ip]];
        }
        yield 'one of two' => [['93.184.215.14', '10.0.0.1']];
    }

    /** @param  list<string>  $addresses */
    #[DataProvider('private')]
    public function test_a_name_that_leads_into_a_private_network_is_not_asked(array $addresses): void
    {
        $page = (new FetchPage(WatchedHosts::of('fern.example', ''), new HostAddresses(static fn (): array => $addresses), static fn (): never => self::fail('Nobody is asked.')))('http://fern.example/page');

        self::assertSame(PageProblem::PrivateAddress, $page->problem);
    }

    public function test_public_addresses_are_not_held_to_be_private(): void
    {
        foreach (['93.184.215.14', '8.8.8.8', '172.32.0.1', '192.0.1.1', '2606:4700::1111', '2a00:1450:4001::1'] as $ip) {
            self::assertFalse(SpecialNets::hold($ip), $ip);
        }
    }

    public function test_a_name_is_resolved_once_and_whoever_answers_otherwise_next_time_gains_nothing(): void
    {
        $asked = 0;
        $rebinding = new HostAddresses(static function () use (&$asked): array {
            return ++$asked === 1 ? ['93.184.215.14'] : ['127.0.0.1'];
        });
        $reached = [];
        $page = (new FetchPage(WatchedHosts::of('fern.example', ''), $rebinding, static function (FetchTarget $target, string $ip) use (&$reached): Answered {
            $reached[] = "{$target->host}:{$target->port} at {$ip}";

            return new Answered(200, 'Here it is.', '', 0);
        }))('http://fern.example/page');

        self::assertSame([1, ['fern.example:80 at 93.184.215.14'], 'Here it is.'], [$asked, $reached, $page->html]);
    }

    public function test_the_connection_goes_to_the_address_that_was_checked_whatever_the_name_says(): void
    {
        $port = self::$port;
        $answer = (new Exchange(1_500))(FetchTarget::of("http://fern.example:{$port}/page") ?? self::fail('It is an address.'), '127.0.0.1');

        self::assertInstanceOf(Answered::class, $answer);
        self::assertSame('<p>Here it is.</p>', $answer->body);
    }
}
