<?php

declare(strict_types=1);

namespace Tests\Core\Medium;

use PaperKite\Look\Look;
use PaperKite\Look\LookColours;
use PaperKite\Look\LookEntry;
use PaperKite\Look\PictureFacts;
use PaperKite\Look\Width;
use PaperKite\Medium\ButtonStyle;
use PaperKite\Medium\LookSheet;
use PaperKite\Medium\Markup;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A look as values of CSS: each value of the form comes out where it belongs. */
final class ButtonStyleTest extends TestCase
{
    /** @param  array<string, mixed>  $with */
    #[DataProvider('values')]
    public function test_a_value_of_the_form_is_a_value_of_css(array $with, string $property, ?string $value): void
    {
        $look = self::look($with);

        self::assertSame($value, (new ButtonStyle($look))->values(LookColours::of($look)->idle())[$property]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string|null}> */
    public static function values(): iterable
    {
        yield 'as wide as its words' => [['width' => 'own'], 'width', null];
        yield 'a part of the page' => [['width' => 'percent', 'width_percent' => '75'], 'width', '75%'];
        yield 'all of the page' => [['width' => 'full'], 'width', '100%'];
        yield 'on a line of its own' => [['width' => 'full'], 'display', 'block'];
        yield 'on the line' => [['width' => 'own'], 'display', 'inline-block'];
        yield 'no border' => [['border_width' => '0'], 'border', '0'];
        yield 'a border' => [['border_width' => '3', 'border' => '#123456'], 'border', '3px solid #123456'];
        yield 'a border of the page’s colour' => [['border_width' => '3', 'follows_page' => true], 'border', '3px solid currentColor'];
        yield 'corners alike' => [['corner' => '8', 'cross_corner' => '8'], 'border-radius', '8px'];
        yield 'corners crosswise' => [['corner' => '4', 'cross_corner' => '15'], 'border-radius', '4px 15px'];
        yield 'no shadow' => [['shadow' => 'none'], 'box-shadow', null];
        yield 'an edge below' => [['shadow' => 'edge'], 'box-shadow', '0 3px 0 rgba(24,34,45,.45)'];
        yield 'room' => [['padding_block' => '9', 'padding_inline' => '30'], 'padding', '9px 30px'];
        yield 'words at the start' => [['alignment' => 'start'], 'text-align', 'start'];
        yield 'words in the middle' => [['alignment' => 'middle'], 'text-align', 'center'];
        yield 'bold words' => [['is_bold' => true, 'font_size' => '18', 'font' => 'serif'], 'font', '600 18px/23px Georgia,serif'];
        yield 'light words' => [['is_bold' => false, 'font_size' => '16', 'font' => 'mono'], 'font', '400 16px/20px ui-monospace,monospace'];
        yield 'words in the font of the page' => [['font' => 'host', 'font_size' => '16'], 'font', '600 16px/20px system-ui,sans-serif'];
        yield 'all as the page' => [['follows_page' => true], 'font', 'inherit'];
        yield 'its own ink' => [['ink' => '#FFFFFE'], 'color', '#fffffe'];
        yield 'its own fill' => [['fill' => 'B92B4F'], 'background-color', '#b92b4f'];
    }

    /**
     * @param  array<string, mixed>  $with
     * @param  array<string, string>  $room
     */
    #[DataProvider('rooms')]
    public function test_a_button_is_as_wide_as_is_said_and_stands_where_is_said(array $with, array $room): void
    {
        self::assertSame($room, array_filter((new ButtonStyle(self::look($with, new PictureFacts('/a', 400, 100))))->room()));
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, string>}> */
    public static function rooms(): iterable
    {
        foreach ([['start', []], ['middle', ['margin-inline' => 'auto']], ['end', ['margin-inline' => 'auto 0']]] as [$place, $margin]) {
            yield "of its own width, {$place}" => [['picture_none' => true, 'place' => $place], ($place === 'start' ? ['display' => 'inline-block'] : ['display' => 'block', 'width' => 'fit-content']) + $margin];
            yield "a part of the page, {$place}" => [['picture_none' => true, 'width' => 'percent', 'width_percent' => '40', 'place' => $place], ['display' => 'block', 'width' => '40%'] + $margin];
            yield "a picture, {$place}" => [['place' => $place], ($place === 'start' ? ['display' => 'inline-block'] : ['display' => 'block', 'width' => 'fit-content']) + $margin];
            yield "a picture that is a part of the page, {$place}" => [['picture_size' => '30', 'picture_unit' => '%', 'place' => $place], ['display' => 'block', 'width' => '30%'] + $margin];
        }
        yield 'all of the page' => [['picture_none' => true, 'width' => 'full'], ['display' => 'block', 'width' => '100%']];
    }

    public function test_a_width_of_its_own_changes_nothing_else(): void
    {
        $look = self::look(['icon' => 'leaf', 'classes' => 'a b', 'place' => 'end', 'shadow' => 'edge', 'follows_page' => true]);
        $wide = $look->withWidth(Width::Percent, 70);

        self::assertEquals(['width' => Width::Percent, 'widthPercent' => 70] + get_object_vars($look), get_object_vars($wide));
    }

    public function test_a_mark_stands_on_its_side_of_the_words_and_is_nothing_to_a_reader(): void
    {
        $before = (new ButtonStyle(self::look(['icon' => 'leaf', 'icon_side' => 'start', 'icon_gap' => '6'])))->content('Buy & go', 'https://honey.example');
        $after = (new ButtonStyle(self::look(['icon' => 'kite', 'icon_side' => 'end', 'icon_gap' => '0'])))->content('Buy & go', 'https://honey.example');

        self::assertStringStartsWith('<svg', $before);
        self::assertStringEndsWith('</svg>Buy &amp; go', $before);
        self::assertStringContainsString('margin-inline-end:6px', $before);
        self::assertStringStartsWith('Buy &amp; go<svg', $after);
        self::assertStringContainsString('aria-hidden="true"', $after);
        $own = (new ButtonStyle(self::look(['font_size' => '16', 'icon_side' => 'end', 'icon_gap' => '5'], icon: new PictureFacts('/pictures/a.svg', 200, 100))))->content('Buy & go', 'https://honey.example');
        self::assertSame('Buy &amp; go<img src="https://honey.example/pictures/a.svg" alt="" width="40" height="20" style="vertical-align:-0.25em;margin-inline-start:5px">', $own);
        self::assertSame('Buy &amp; go', (new ButtonStyle(self::look([])))->content('Buy & go', 'https://honey.example'));
    }

    public function test_a_dark_page_shows_the_dark_colours_and_what_is_off_stays_off(): void
    {
        $sheet = new LookSheet(self::look(['fill' => '#18222d']), '.b');

        self::assertStringContainsString('.b:not([aria-disabled=true]){background-color:', $sheet->onDark());
        self::assertStringNotContainsString(':not([aria-disabled=true])', $sheet->onLight());
        self::assertStringNotContainsString('background-color:#', (new LookSheet(self::look(['follows_page' => true]), '.b'))->css());
    }

    public function test_attributes_and_styles_leave_out_what_is_not_there(): void
    {
        self::assertSame('<a href="x&quot;y" dir="auto">', Markup::open('a', ['href' => 'x"y', 'class' => null, 'dir' => 'auto']));
        self::assertSame('a:1;c:3', Markup::style(['a' => '1', 'b' => null, 'c' => '3']));
        self::assertSame('&lt;&amp;&gt; &quot;&apos;', Markup::escaped('<&> "\''));
    }

    public function test_a_button_is_as_high_as_its_words_and_its_room(): void
    {
        self::assertSame([20, 44], [self::look(['font_size' => '16'])->lineHeight(), self::look(['font_size' => '16', 'padding_block' => '12'])->height()]);
        self::assertSame(50, self::look(['font_size' => '16', 'padding_block' => '12', 'border_width' => '3'])->height());
    }

    /** @param  array<string, mixed>  $with */
    private static function look(array $with, ?PictureFacts $picture = null, ?PictureFacts $icon = null): Look
    {
        return LookEntry::read(FormInput::of($with + [
            'name' => 'Tarn', 'fill' => '#b92b4f', 'ink' => '#ffffff', 'border' => '#b92b4f', 'border_width' => '0', 'corner' => '4', 'cross_corner' => '15', 'shadow' => 'none',
            'padding_block' => '12', 'padding_inline' => '22', 'font' => 'plain', 'font_size' => '16', 'is_bold' => true, 'icon' => 'none', 'icon_side' => 'start', 'icon_gap' => '8',
            'width' => 'own', 'width_percent' => '50', 'alignment' => 'middle', 'follows_page' => false, 'classes' => '', 'picture_text' => 'Buy', 'picture_side' => 'width', 'picture_size' => '200', 'picture_unit' => 'px',
        ]), isset($with['picture_none']) ? null : $picture, $icon)->look ?? self::fail('The look of the sample is wrong.');
    }
}
