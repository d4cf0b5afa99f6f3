<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Look\ButtonPicture;
use PaperKite\Look\Colour;
use PaperKite\Look\ColourSet;
use PaperKite\Look\Contrast;
use PaperKite\Look\Look;
use PaperKite\Look\LookCheck;
use PaperKite\Look\LookColours;
use PaperKite\Look\LookDoubt;
use PaperKite\Look\LookEntry;
use PaperKite\Look\Oklch;
use PaperKite\Look\PictureFacts;
use PaperKite\Look\ShippedLooks;
use PaperKite\Refusal;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Colours, the contrast between them, and what is computed from the few that a seller chooses. */
final class LookTest extends TestCase
{
    use TestTrait;

    #[DataProvider('ratios')]
    public function test_contrast_is_that_of_wcag(string $one, string $other, float $ratio): void
    {
        self::assertEqualsWithDelta($ratio, Contrast::ratio(self::colour($one), self::colour($other)), 0.01);
        self::assertSame(Contrast::ratio(self::colour($one), self::colour($other)), Contrast::ratio(self::colour($other), self::colour($one)));
    }

    /** @return iterable<array{string, string, float}> */
    public static function ratios(): iterable
    {
        yield from [['#000000', '#ffffff', 21.0], ['#ffffff', '#ffffff', 1.0], ['#767676', '#ffffff', 4.54], ['#777777', '#ffffff', 4.48], ['#ff0000', '#ffffff', 4.0], ['#0000ff', '#ffffff', 8.59]];
    }

    #[DataProvider('places')]
    public function test_oklch_is_that_of_css_color_4(string $hex, float $lightness, float $chroma, float $degrees): void
    {
        $colour = Oklch::of(self::colour($hex));

        self::assertEqualsWithDelta([$lightness, $chroma], [$colour->lightness, $colour->chroma], 0.001);
        self::assertEqualsWithDelta($degrees, fmod(rad2deg($colour->hue) + 360, 360), 0.1);
    }

    /** @return iterable<array{string, float, float, float}> */
    public static function places(): iterable
    {
        yield from [['#ff0000', 0.628, 0.258, 29.23], ['#00ff00', 0.866, 0.295, 142.5], ['#0000ff', 0.452, 0.313, 264.05]];
    }

    public function test_every_colour_comes_back_from_oklch(): void
    {
        $byte = Generators::choose(0, 255);
        $this->forAll($byte, $byte, $byte)->then(function (int $red, int $green, int $blue): void {
            $colour = Colour::of($red, $green, $blue);

            self::assertSame($colour->hex(), Oklch::of($colour)->colour()->hex());
        });
    }

    public function test_the_nearest_colour_passes_and_is_left_alone_where_it_passes_already(): void
    {
        $byte = Generators::choose(0, 255);
        $this->limitTo(60)->forAll($byte, $byte, $byte, $byte)->then(function (int $a, int $b, int $c, int $d): void {
            $ink = Colour::of($a, $b, $c);
            $ground = Colour::of($d, $a, $b);
            $near = Contrast::nearest($ink, Contrast::TEXT, $ground);

            self::assertGreaterThanOrEqual(Contrast::TEXT, Contrast::ratio($near, $ground));
            self::assertTrue(Contrast::ratio($ink, $ground) < Contrast::TEXT || $near->equals($ink));
        });
    }

    public function test_a_text_that_passes_when_idle_passes_in_every_state(): void
    {
        $byte = Generators::choose(0, 255);
        $this->limitTo(60)->forAll($byte, $byte, $byte)->then(function (int $red, int $green, int $blue): void {
            $fill = Colour::of($red, $green, $blue);
            $colours = LookColours::of(self::look(['fill' => $fill->hex(), 'ink' => Contrast::nearest(self::colour('#ffffff'), Contrast::TEXT, $fill)->hex()]));

            foreach ([$colours->idle(), $colours->hover(), $colours->pressed(), $colours->disabled(), $colours->dark()] as $set) {
                self::assertGreaterThanOrEqual(Contrast::TEXT, Contrast::ratio($set->ink, $set->fill));
            }
            self::assertGreaterThanOrEqual(Contrast::EDGE, Contrast::ratio($colours->focus(), self::colour('#ffffff')));
            self::assertGreaterThanOrEqual(Contrast::EDGE, Contrast::ratio($colours->focusOnDark(), self::colour('#14191f')));
        });
    }

    public function test_the_states_of_a_button_can_be_told_apart(): void
    {
        foreach (ShippedLooks::all() as $look) {
            $colours = LookColours::of($look);
            $fills = array_map(static fn (ColourSet $set): string => $set->fill->hex(), [$colours->idle(), $colours->hover(), $colours->pressed(), $colours->disabled()]);

            self::assertSame($fills, array_unique($fills));
        }
    }

    public function test_five_looks_ship_and_nothing_in_them_is_hard_to_see(): void
    {
        self::assertCount(5, ShippedLooks::all());
        foreach (ShippedLooks::all() as $name => $look) {
            self::assertSame([], LookCheck::of($look), $name);
        }
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('doubtful')]
    public function test_what_is_hard_to_see_is_told_with_what_would_do(array $with, string $at, string $part): void
    {
        $doubts = LookCheck::of(self::look($with));

        self::assertSame([$at], array_map(static fn (LookDoubt $doubt): string => $doubt->at, $doubts));
        self::assertStringContainsString($part, $doubts[0]->sentence);
        if ($doubts[0]->proposal !== null) {
            self::assertSame([], LookCheck::of(self::look([$at => $doubts[0]->proposal, 'border_width' => '2'] + $with)));
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function doubtful(): iterable
    {
        yield 'words too pale' => [['ink' => '#e08090'], 'ink', 'and 4.5 to 1 is needed; the nearest colour that passes is #'];
        yield 'melts into the page' => [['fill' => '#fdfdfd', 'ink' => '#18222d'], 'border', 'give it a border'];
        yield 'a border too pale' => [['fill' => '#fdfdfd', 'ink' => '#18222d', 'border' => '#eeeeee', 'border_width' => '1'], 'border', 'the nearest colour for its border'];
        yield 'too low' => [['padding_block' => '0', 'font_size' => '12'], 'padding_block', 'The button is 15 px high or wide'];
    }

    public function test_a_look_that_follows_the_page_leaves_its_colours_to_it(): void
    {
        self::assertSame([], LookCheck::of(self::look(['ink' => '#b92b4f', 'follows_page' => true])));
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_told_at_its_field(array $with, string $field, string $part): void
    {
        $entry = LookEntry::read(FormInput::of($with + self::entry()), isset($with['picture_size']) ? new PictureFacts('/pictures/a.webp', 400, 100) : null);

        self::assertNull($entry->look);
        self::assertSame([$field], array_keys($entry->errors));
        self::assertStringContainsString($part, $entry->errors[$field]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name', 'missing'];
        yield 'no colour' => [['fill' => 'red'], 'fill', 'The fill can’t be “red”'];
        yield 'a short colour' => [['ink' => '#fff'], 'ink', 'six digits'];
        yield 'a line below a colour' => [['border' => "#ffffff\n"], 'border', 'six digits'];
        yield 'a wide border' => [['border_width' => '13'], 'border_width', 'from 0 to 12 (px)'];
        yield 'a negative corner' => [['corner' => '-1'], 'corner', 'whole number'];
        yield 'half a pixel' => [['padding_inline' => '1.5'], 'padding_inline', 'whole number'];
        yield 'an unknown shadow' => [['shadow' => 'neon'], 'shadow', 'one of those offered'];
        yield 'a class with a quote' => [['classes' => 'big "x'], 'classes', 'no class name'];
        yield 'a picture of no size' => [['picture_size' => '0', 'picture_text' => 'Buy'], 'picture_size', 'from 1 to 1200'];
        yield 'a part of a height that pages have not' => [['picture_size' => '50', 'picture_unit' => '%', 'picture_side' => 'height', 'picture_text' => 'Buy'], 'picture_unit', 'no height to take a part of'];
        yield 'a picture larger than its page' => [['picture_size' => '101', 'picture_unit' => '%', 'picture_text' => 'Buy'], 'picture_size', 'from 1 to 100 (percent)'];
        yield 'a picture without words' => [['picture_size' => '100', 'picture_text' => ' '], 'picture_text', 'says nothing to those who can’t see it'];
    }

    public function test_the_missing_side_of_a_picture_follows_its_proportions(): void
    {
        self::assertSame(['display' => 'block', 'width' => '200px', 'height' => 'auto', 'max-width' => '100%'], (new ButtonPicture('/a', 'Buy', true, 200, false, 400, 100))->drawn());
        self::assertSame(['display' => 'block', 'width' => 'auto', 'height' => '50px', 'max-width' => '100%'], (new ButtonPicture('/a', 'Buy', false, 50, false, 400, 100))->drawn());
        self::assertSame([50, 20, null], [(new ButtonPicture('/a', 'Buy', true, 200, false, 400, 100))->smallerSide(), (new ButtonPicture('/a', 'Buy', false, 20, false, 400, 100))->smallerSide(), (new ButtonPicture('/a', 'Buy', true, 5, true, 400, 100))->smallerSide()]);
        self::assertSame(['picture'], array_map(static fn (LookDoubt $doubt): string => $doubt->at, LookCheck::of(self::look(['picture_text' => 'Buy', 'picture_size' => '40'], new PictureFacts('/a', 400, 100)))));
    }

    public function test_only_black_and_white_are_left_where_nothing_else_passes(): void
    {
        self::assertSame('#000000', Contrast::blackOrWhite(self::colour('#ffffff'))->hex());
        self::assertSame('4.4', Contrast::shown(4.499));
        $this->expectException(Refusal::class);
        self::colour('#12345');
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('rooms')]
    public function test_the_letters_in_a_line_follow_from_the_looks_measures(array $with, int $letters): void
    {
        self::assertSame($letters, self::look($with)->lettersInALine());
    }

    /** @return iterable<string, array{array<string, mixed>, int}> */
    public static function rooms(): iterable
    {
        yield 'as it ships' => [[], 26];
        yield 'letters twice as large' => [['font_size' => '32'], 13];
        yield 'half of the page' => [['width' => 'percent', 'width_percent' => '50'], 10];
        yield 'a mark beside the words' => [['icon' => 'leaf'], 23];
        yield 'letters of even width' => [['font' => 'mono'], 24];
        yield 'no room at all' => [['width' => 'percent', 'width_percent' => '10', 'padding_inline' => '60'], 1];
    }

    public function test_a_picture_has_no_lines(): void
    {
        self::assertNull(self::look(['picture_text' => 'Buy', 'picture_size' => '120'], new PictureFacts('/a', 400, 100))->lettersInALine());
    }

    /** @param  array<string, mixed>  $with */
    private static function look(array $with, ?PictureFacts $picture = null): Look
    {
        return LookEntry::read(FormInput::of($with + self::entry()), $picture)->look ?? self::fail('The look of the sample is wrong.');
    }

    /** @return array<string, mixed> a sound form */
    private static function entry(): array
    {
        return [
            'name' => 'Tarn', 'fill' => '#b92b4f', 'ink' => '#ffffff', 'border' => '#b92b4f', 'border_width' => '0', 'corner' => '4', 'cross_corner' => '15', 'shadow' => 'none',
            'padding_block' => '12', 'padding_inline' => '22', 'font' => 'plain', 'font_size' => '16', 'is_bold' => true, 'icon' => 'none', 'icon_side' => 'start', 'icon_gap' => '8',
            'width' => 'own', 'width_percent' => '50', 'alignment' => 'middle', 'follows_page' => false, 'classes' => '',
        ];
    }

    private static function colour(string $hex): Colour
    {
        return Colour::read($hex, 'The colour');
    }
}
