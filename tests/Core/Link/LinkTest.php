<?php

declare(strict_types=1);

namespace Tests\Core\Link;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Link\AnatomyPart;
use PaperKite\Link\Device;
use PaperKite\Link\PlacementCode;
use PaperKite\Link\PlacementLink;
use PaperKite\Link\ShopperCountry;
use PaperKite\Link\Visit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Intl\Countries;

final class LinkTest extends TestCase
{
    use TestTrait;

    public function test_a_code_reads_back_however_people_write_it(): void
    {
        $this->forAll(Generators::choose(0, 1_000_000))->then(function (int $seed): void {
            $code = PlacementCode::random(new Randomizer(new Mt19937($seed)))->text;

            self::assertMatchesRegularExpression('/\A[0-9a-hjkmnp-tv-z]{7}\z/', $code);
            self::assertSame($code, PlacementCode::read(strtoupper($code))?->text);
            self::assertSame($code, PlacementCode::read(strtr($code, ['0' => 'O', '1' => 'l']))?->text);
            self::assertSame($code, PlacementCode::read(strtr($code, ['0' => 'o', '1' => 'I']))?->text);
        });
    }

    #[DataProvider('noCodes')]
    public function test_what_can_not_be_a_code_is_none(string $text): void
    {
        self::assertNull(PlacementCode::read($text));
    }

    /** @return iterable<array{string}> */
    public static function noCodes(): iterable
    {
        yield from [[''], ['abc123'], ['abc12345'], ['abcu123'], ["abc1234\n"], ['abc-123'], ['äbc1234']];
    }

    public function test_the_parts_of_a_link_joined_give_the_link(): void
    {
        foreach (['http://mosslight.localhost:8480', 'https://honey.example'] as $base) {
            $link = new PlacementLink($base, PlacementCode::read('abc1234') ?? self::fail());

            self::assertSame("{$base}/k/abc1234", $link->url());
            self::assertSame($link->url(), implode('', array_map(static fn (AnatomyPart $part): string => $part->value, $link->anatomy('the spring post'))));
        }
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('visits')]
    public function test_only_a_navigation_acts(Visit $visit, array $headers, string $method = 'GET'): void
    {
        self::assertSame($visit, Visit::of($method, $headers));
    }

    /** @return iterable<string, array{0: Visit, 1: array<string, string>, 2?: string}> */
    public static function visits(): iterable
    {
        $navigates = ['sec-fetch-mode' => 'navigate', 'sec-fetch-dest' => 'document', 'user-agent' => 'Some Browser/1.0 (Macintosh)'];
        yield 'a person' => [Visit::Navigation, $navigates];
        yield 'a browser that says nothing' => [Visit::Navigation, ['user-agent' => 'Old Browser']];
        yield 'no headers at all' => [Visit::Navigation, []];
        foreach (['iframe', 'frame', 'embed', 'object', 'fencedframe'] as $frame) {
            yield "a frame: {$frame}" => [Visit::Frame, ['sec-fetch-dest' => $frame] + $navigates];
        }
        yield 'an image' => [Visit::Silent, ['sec-fetch-mode' => 'no-cors', 'sec-fetch-dest' => 'image']];
        yield 'a script' => [Visit::Silent, ['sec-fetch-mode' => 'no-cors', 'sec-fetch-dest' => 'script']];
        yield 'a fetch' => [Visit::Silent, ['sec-fetch-mode' => 'cors', 'sec-fetch-dest' => 'empty']];
        yield 'HEAD' => [Visit::Silent, $navigates, 'HEAD'];
        yield 'a prefetch' => [Visit::Silent, ['sec-purpose' => 'prefetch'] + $navigates];
        yield 'a prerender' => [Visit::Silent, ['sec-purpose' => 'prefetch;prerender'] + $navigates];
        yield 'an older prefetch' => [Visit::Silent, ['purpose' => 'prefetch'] + $navigates];
        yield 'a robot' => [Visit::Preview, ['user-agent' => 'Mozilla/5.0 (compatible; PigeonBot/2.1; +https://pigeon.example/bot)'] + $navigates];
        yield 'a link preview' => [Visit::Preview, ['user-agent' => 'ChatLinkPreview 3'] + $navigates];
        yield 'a crawler' => [Visit::Preview, ['user-agent' => 'tarn-crawler'] + $navigates];
        yield 'a robot that asks for the head alone' => [Visit::Silent, ['user-agent' => 'tarn-crawler'] + $navigates, 'HEAD'];
        yield 'a robot that looks ahead' => [Visit::Silent, ['user-agent' => 'tarn-crawler', 'purpose' => 'prefetch'] + $navigates];
    }

    public function test_every_country_is_known_and_nothing_else(): void
    {
        $pairs = [];
        foreach (range('A', 'Z') as $first) {
            foreach (range('A', 'Z') as $second) {
                $pairs[] = $first.$second;
            }
        }
        $named = static fn (string $code): bool => ShopperCountry::named(strtolower($code)) === $code;
        self::assertSame(array_values(array_filter($pairs, Countries::exists(...))), array_values(array_filter($pairs, $named)));
        self::assertSame([], array_filter([' ', 'D', 'D ', ' D', '  ', 'DE ', 'D E', 'DEU', 'ÄÄ'], static fn (string $code): bool => ShopperCountry::named($code) !== null));
    }

    #[DataProvider('devices')]
    public function test_only_the_kind_of_device_is_told(Device $device, string $agent, string $mobile = ''): void
    {
        self::assertSame($device, Device::of(['user-agent' => $agent, 'sec-ch-ua-mobile' => $mobile]));
    }

    /** @return iterable<array{0: Device, 1: string, 2?: string}> */
    public static function devices(): iterable
    {
        yield [Device::Phone, 'Anything', '?1'];
        yield [Device::Phone, 'Some Mobile Browser'];
        yield [Device::Phone, 'Linux; Android 15; Mobile'];
        yield [Device::Tablet, 'Linux; Android 15; Tablet Something'];
        yield [Device::Tablet, 'Linux; Android 15; K'];
        yield [Device::Desktop, 'X11; Linux x86_64', '?0'];
    }

    #[DataProvider('languages')]
    public function test_the_country_is_the_first_region_that_is_named(?string $country, string $languages): void
    {
        self::assertSame($country, ShopperCountry::fromLanguages($languages));
    }

    /** @return iterable<array{string|null, string}> */
    public static function languages(): iterable
    {
        yield from [['IE', 'en-IE,en;q=0.9'], ['DE', 'en,de-DE;q=0.8'], ['CN', 'zh-Hans-CN'], [null, 'en'], [null, ''], [null, 'xx-ZZ'], ['GB', 'en-zz, en-gb'], ['GB', 'xx-ZZ,yy-QQ;q=0.5,en-GB,de-DE'], [null, 'xx-ZZ,yy-QQ'], [null, 'xx-ZZ en-GB']];
    }
}
