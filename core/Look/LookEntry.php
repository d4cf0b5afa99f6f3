<?php

declare(strict_types=1);

namespace PaperKite\Look;

use BackedEnum;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;

/** The form in which a seller writes a look. */
final readonly class LookEntry
{
    private const LARGEST_PICTURE = 1200;

    private const LEAST_PERCENT = 10;

    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        public ?string $name,
        /** `null` where something is wrong. */
        public ?Look $look,
    ) {}

    /**
     * @param  PictureFacts|null  $picture  of the picture that the form names; `null` where it names none
     * @param  PictureFacts|null  $icon  likewise of the icon
     */
    public static function read(FormInput $typed, ?PictureFacts $picture, ?PictureFacts $icon = null): self
    {
        $wrong = new FieldErrors;
        $name = $wrong->at('name', fn () => Line::of($typed->text('name'), 'The name of the look', Look::LONGEST_NAME)->text);
        $look = new Look(
            fill: self::colour($typed, 'fill', 'The fill', $wrong),
            ink: self::colour($typed, 'ink', 'The colour of the words', $wrong),
            border: self::colour($typed, 'border', 'The border', $wrong),
            borderWidth: self::number($typed, 'border_width', 'The border', 0, 12, $wrong),
            corner: self::number($typed, 'corner', 'The first corner', 0, 60, $wrong),
            crossCorner: self::number($typed, 'cross_corner', 'The second corner', 0, 60, $wrong),
            shadow: self::choice($typed, 'shadow', 'The shadow', Shadow::None, $wrong),
            paddingBlock: self::number($typed, 'padding_block', 'The room above and below', 0, 60, $wrong),
            paddingInline: self::number($typed, 'padding_inline', 'The room at the sides', 0, 120, $wrong),
            font: self::choice($typed, 'font', 'The font', Font::Plain, $wrong),
            fontSize: self::number($typed, 'font_size', 'The size of the words', 10, 48, $wrong),
            isBold: $typed->isOn('is_bold'),
            icon: self::choice($typed, 'icon', 'The mark', Icon::None, $wrong),
            iconSide: self::choice($typed, 'icon_side', 'The side of the mark', Side::Start, $wrong),
            iconGap: self::number($typed, 'icon_gap', 'The gap beside the mark', 0, 40, $wrong),
            width: self::choice($typed, 'width', 'The width', Width::Own, $wrong),
            widthPercent: $wrong->at('width_percent', static fn (): int => self::percent($typed->text('width_percent'))) ?? self::LEAST_PERCENT,
            alignment: self::choice($typed, 'alignment', 'Where the words stand', Side::Middle, $wrong),
            followsPage: $typed->isOn('follows_page'),
            classes: self::classes($typed, $wrong),
            picture: self::picture($typed, $picture, $wrong),
            place: $typed->text('place') === '' ? Side::Start : self::choice($typed, 'place', 'Where the button stands', Side::Start, $wrong),
            iconPicture: $icon === null ? null : new IconPicture($icon->path, $icon->width, $icon->height),
        );

        return new self($wrong->all(), $name, $wrong->all() === [] ? $look : null);
    }

    /**
     * @return int of the page, as typed
     *
     * @throws InvalidLook
     */
    public static function percent(string $typed): int
    {
        $text = trim($typed, ' ');
        if (! self::isWithin($text, self::LEAST_PERCENT, 100)) {
            throw InvalidLook::number('The part of the page', $text, self::LEAST_PERCENT, 100, 'percent');
        }

        return (int) $text;
    }

    private static function isWithin(string $text, int $least, int $most): bool
    {
        return preg_match('/\A\d{1,4}\z/', $text) === 1 && (int) $text >= $least && (int) $text <= $most;
    }

    private static function colour(FormInput $typed, string $key, string $what, FieldErrors $wrong): Colour
    {
        return $wrong->at($key, fn () => Colour::read($typed->text($key), $what)) ?? Colour::of(0, 0, 0);
    }

    private static function number(FormInput $typed, string $key, string $what, int $least, int $most, FieldErrors $wrong, string $unit = 'px'): int
    {
        $text = trim($typed->text($key), ' ');
        if (! self::isWithin($text, $least, $most)) {
            $wrong->add($key, InvalidLook::number($what, $text, $least, $most, $unit)->getMessage());

            return $least;
        }

        return (int) $text;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  E  $default
     * @return E
     */
    private static function choice(FormInput $typed, string $key, string $what, BackedEnum $default, FieldErrors $wrong): BackedEnum
    {
        $chosen = $default::tryFrom($typed->text($key));
        if ($chosen === null) {
            $wrong->add($key, InvalidLook::choice($what, $typed->text($key))->getMessage());
        }

        return $chosen ?? $default;
    }

    /** @return list<string> */
    private static function classes(FormInput $typed, FieldErrors $wrong): array
    {
        $names = preg_split('/\s+/', $typed->text('classes'), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach ($names as $name) {
            if (preg_match('/\A[a-zA-Z][a-zA-Z0-9_-]{0,39}\z/', $name) !== 1) {
                $wrong->add('classes', InvalidLook::className($name)->getMessage());
            }
        }

        return array_values(array_unique($names));
    }

    private static function picture(FormInput $typed, ?PictureFacts $facts, FieldErrors $wrong): ?ButtonPicture
    {
        if ($facts === null) {
            return null;
        }
        $text = trim($typed->text('picture_text'), ' ') === ''
            ? $wrong->at('picture_text', fn () => throw InvalidLook::pictureWithoutText())
            : $wrong->at('picture_text', fn () => Line::of($typed->text('picture_text'), 'What stands on the picture', 200)->text);
        $isPercent = $typed->text('picture_unit') === '%';
        if ($isPercent && $typed->text('picture_side') === 'height') {
            $wrong->add('picture_unit', InvalidLook::percentOfHeight()->getMessage());
        }
        $size = self::number($typed, 'picture_size', 'The size of the picture', 1, $isPercent ? 100 : self::LARGEST_PICTURE, $wrong, $isPercent ? 'percent' : 'px');

        return new ButtonPicture($facts->path, is_string($text) ? $text : '', $typed->text('picture_side') !== 'height', $size, $isPercent, $facts->width, $facts->height);
    }
}
