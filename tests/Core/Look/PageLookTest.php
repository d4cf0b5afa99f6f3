<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Look\Colour;
use PaperKite\Look\Contrast;
use PaperKite\Look\Icon;
use PaperKite\Look\PageColours;
use PaperKite\Look\PageFont;
use PaperKite\Look\PageLook;
use PaperKite\Look\PageLookEntry;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a shop's own pages look: whatever can be saved can be read. */
final class PageLookTest extends TestCase
{
    use TestTrait;

    public function test_every_text_passes_on_everything_that_it_stands_on_by_day_and_by_night(): void
    {
        $byte = Generators::choose(0, 255);
        $this->forAll($byte, $byte, $byte, $byte, $byte, $byte)->then(static function (int $r, int $g, int $b, int $r2, int $g2, int $b2): void {
            $ground = Colour::of($r, $g, $b);
            $look = PageLookEntry::read(FormInput::of(['ground' => $ground->hex(), 'accent' => Colour::of($r2, $g2, $b2)->hex(), 'font' => 'humanist', 'mark' => 'none']), '');
            self::assertSame(PageColours::canBeGround($ground), $look->errors === []);
            foreach ([$look->look->colours(), $look->look->darkColours()] as $colours) {
                self::assertReadable($colours);
            }
            self::assertTrue($look->look->darkColours()->isDark());
        });
    }

    /** At the border of what can be a ground there is the least room. */
    public function test_the_darkest_light_ground_and_the_lightest_dark_one_leave_room(): void
    {
        foreach (range(0, 255) as $grey) {
            $ground = Colour::of($grey, $grey, $grey);
            foreach (PageColours::canBeGround($ground) ? ['#ff0000', '#ffff00', '#0000ff', '#808080', $ground->hex()] : [] as $accent) {
                self::assertReadable(PageColours::on($ground, Colour::read($accent, 'An accent')));
            }
        }
        self::assertFalse(PageColours::canBeGround(Colour::of(0x80, 0x80, 0x80)));
    }

    private static function assertReadable(PageColours $colours): void
    {
        foreach ([$colours->paper, $colours->sheet] as $ground) {
            foreach ([$colours->ink, $colours->pencil, $colours->link, $colours->amber, $colours->wrong, $colours->good] as $text) {
                self::assertGreaterThanOrEqual(Contrast::TEXT, Contrast::ratio($text, $ground));
            }
            foreach ([$colours->fill, $colours->edge] as $edge) {
                self::assertGreaterThanOrEqual(Contrast::EDGE, Contrast::ratio($edge, $ground));
            }
        }
        foreach ([$colours->fill, $colours->fillHover] as $fill) {
            self::assertGreaterThanOrEqual(Contrast::TEXT, Contrast::ratio($colours->onFill, $fill));
        }
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_told_at_its_field(array $typed, string $field, string $sentence): void
    {
        $entry = PageLookEntry::read(FormInput::of($typed + self::typed()), '/pictures/a.webp');

        self::assertStringContainsString($sentence, $entry->errors[$field] ?? '');
        self::assertCount(1, $entry->errors);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'a ground that is none' => [['ground' => 'skyish'], 'ground', 'six digits'];
        yield 'a ground between light and dark' => [['ground' => '#888888'], 'ground', 'The nearest that works is #'];
        yield 'an accent with a byte too many' => [['accent' => '#1e5a700'], 'accent', 'six digits'];
        yield 'a font that does not ship' => [['font' => 'comic'], 'font', 'choose one of those'];
        yield 'a mark that is none' => [['mark' => 'skull'], 'mark', 'choose one of those'];
        yield 'a sentence of two lines' => [['sentence' => "Honey\nfrom Tarn"], 'sentence', 'The sentence'];
        yield 'a sentence too long' => [['sentence' => str_repeat('蜂', 161)], 'sentence', 'The sentence'];
    }

    public function test_the_nearest_ground_that_is_proposed_is_one(): void
    {
        preg_match('/works is (#[0-9a-f]{6})/', PageLookEntry::read(FormInput::of(['ground' => '#7a8a3c'] + self::typed()), '')->errors['ground'] ?? '', $found);

        self::assertSame([], PageLookEntry::read(FormInput::of(['ground' => $found[1] ?? ''] + self::typed()), '')->errors);
    }

    public function test_a_look_is_a_sheet_with_a_dark_side_unless_it_stays_light(): void
    {
        $look = PageLookEntry::read(FormInput::of(['mark' => 'leaf', 'font' => 'serif', 'sentence' => 'Honig & Wachs aus Tarn.'] + self::typed()), '/pictures/a.webp')->look;
        self::assertSame([Icon::Leaf, PageFont::Serif, 'Honig & Wachs aus Tarn.', '/pictures/a.webp', 'Hives'], [$look->mark, $look->font, $look->sentence, $look->banner, $look->bannerText]);
        self::assertStringContainsString('color-scheme:light dark', $look->css());
        self::assertStringContainsString('@media(prefers-color-scheme:dark)', $look->css());
        self::assertStringContainsString("--shop-font:'Shop Serif'", $look->css());

        $light = PageLookEntry::read(FormInput::of(['stays_light' => true] + self::typed()), '')->look;
        self::assertStringContainsString('color-scheme:light;', $light->css());
        self::assertStringNotContainsString('@media', $light->css());
        self::assertSame('', $light->bannerText);

        $dark = new PageLook(Colour::of(20, 20, 30), Colour::of(200, 60, 90));
        self::assertStringContainsString('color-scheme:dark;', $dark->css());
    }

    /** @return array<string, mixed> */
    private static function typed(): array
    {
        return ['ground' => '#f7f3ea', 'accent' => '#2f5d4e', 'font' => 'humanist', 'mark' => 'none', 'banner_text' => 'Hives', 'sentence' => '', 'stays_light' => false];
    }
}
