<?php

declare(strict_types=1);

namespace PaperKite\Look;

use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;

/** The form in which a seller says how the shop's own pages look. */
final readonly class PageLookEntry
{
    private const LONGEST_TEXT = 200;

    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        /** With what is wrong left as it ships. */
        public PageLook $look,
    ) {}

    /** @param  string  $banner  the path of the picture that the form names; blank: none */
    public static function read(FormInput $typed, string $banner): self
    {
        $wrong = new FieldErrors;
        $shipped = PageLook::shipped();
        $text = trim($typed->text('banner_text')) === '' ? '' : $wrong->at('banner_text', static fn (): string => Line::of($typed->text('banner_text'), 'What the picture shows', self::LONGEST_TEXT)->text) ?? '';
        $sentence = trim($typed->text('sentence')) === '' ? '' : $wrong->at('sentence', static fn (): string => Line::of($typed->text('sentence'), 'The sentence', PageLook::LONGEST_SENTENCE)->text) ?? '';
        $look = new PageLook(
            self::ground($typed, $wrong) ?? $shipped->ground,
            $wrong->at('accent', static fn (): Colour => Colour::read($typed->text('accent'), 'The accent')) ?? $shipped->accent,
            self::font($typed, $wrong),
            $typed->isOn('stays_light'),
            self::mark($typed, $wrong),
            $banner,
            $banner === '' ? '' : $text,
            $sentence,
        );

        return new self($wrong->all(), $look);
    }

    private static function ground(FormInput $typed, FieldErrors $wrong): ?Colour
    {
        $ground = $wrong->at('ground', static fn (): Colour => Colour::read($typed->text('ground'), 'The background'));
        if ($ground instanceof Colour && ! PageColours::canBeGround($ground)) {
            $wrong->add('ground', InvalidLook::midGround($ground, self::nearest($ground))->getMessage());

            return null;
        }

        return $ground instanceof Colour ? $ground : null;
    }

    /** The nearest colour of its hue on which there is room. */
    private static function nearest(Colour $ground): Colour
    {
        $start = Oklch::of($ground);
        for ($step = 1; $step <= 100; $step++) {
            foreach ([$start->lightness + $step / 100, $start->lightness - $step / 100] as $lightness) {
                $near = $start->withLightness($lightness)->colour();
                if (PageColours::canBeGround($near)) {
                    return $near;
                }
            }
        }

        return PageLook::shipped()->ground;
    }

    private static function font(FormInput $typed, FieldErrors $wrong): PageFont
    {
        $font = PageFont::tryFrom($typed->text('font'));
        if ($font === null) {
            $wrong->add('font', InvalidLook::choice('The font', $typed->text('font'))->getMessage());
        }

        return $font ?? PageFont::Humanist;
    }

    private static function mark(FormInput $typed, FieldErrors $wrong): Icon
    {
        $mark = Icon::tryFrom($typed->text('mark'));
        if ($mark === null) {
            $wrong->add('mark', InvalidLook::choice('The mark', $typed->text('mark'))->getMessage());
        }

        return $mark ?? Icon::None;
    }
}
