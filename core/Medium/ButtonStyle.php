<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Look\Colour;
use PaperKite\Look\ColourSet;
use PaperKite\Look\Look;
use PaperKite\Look\Shadow;
use PaperKite\Look\Side;
use PaperKite\Look\Width;

/** A look as values of CSS, and its mark as SVG. */
final readonly class ButtonStyle
{
    public function __construct(private Look $look) {}

    /** @return array<string, string|null> of CSS by property, for the button as it stands */
    public function values(ColourSet $colours): array
    {
        $look = $this->look;

        return [
            ...$this->room(),
            'box-sizing' => 'border-box',
            'max-width' => '100%',
            'min-width' => '44px',
            'padding' => "{$look->paddingBlock}px {$look->paddingInline}px",
            'border' => $this->border($colours->border),
            'border-radius' => $look->corner === $look->crossCorner ? "{$look->corner}px" : "{$look->corner}px {$look->crossCorner}px",
            'background-color' => $look->followsPage ? 'transparent' : $colours->fill->hex(),
            'color' => $look->followsPage ? 'inherit' : $colours->ink->hex(),
            'font' => $look->followsPage ? 'inherit' : ($look->isBold ? '600' : '400')." {$look->fontSize}px/{$look->lineHeight()}px {$this->family()}",
            'box-shadow' => $look->shadow === Shadow::None ? null : $look->shadow->css(),
            'text-align' => $look->alignment->css(),
            'text-decoration' => 'none',
            'overflow-wrap' => 'anywhere',
        ];
    }

    /** @return array<string, string|null> of CSS by property: how wide it is, and where it stands in the space that there is */
    public function room(): array
    {
        $look = $this->look;
        $percent = match (true) {
            $look->picture !== null => $look->picture->isPercent ? $look->picture->size : null,
            $look->width === Width::Percent => $look->widthPercent,
            $look->width === Width::Full => 100,
            default => null,
        };
        $isInline = $percent === null && $look->place === Side::Start;

        return [
            'display' => $isInline ? 'inline-block' : 'block',
            'width' => $percent === null ? ($isInline ? null : 'fit-content') : "{$percent}%",
            'margin-inline' => match ($look->place) {
                Side::Start => null,
                Side::Middle => 'auto',
                Side::End => 'auto 0',
            },
        ];
    }

    /** Whether it needs all the space that there is, to be a part of it or to stand in it. */
    public function takesAllRoom(): bool
    {
        return $this->room()['display'] === 'block';
    }

    /**
     * The words with the mark beside them, escaped.
     *
     * @param  string  $base  the shop's own origin, for pictures
     */
    public function content(string $caption, string $base): string
    {
        $words = Markup::escaped($caption);
        if (! $this->look->hasIcon()) {
            return $words;
        }

        return $this->look->iconSide === Side::End ? $words.$this->icon('margin-inline-start', $base) : $this->icon('margin-inline-end', $base).$words;
    }

    private function icon(string $margin, string $base): string
    {
        $picture = $this->look->iconPicture;
        if ($picture !== null) {
            [$width, $height] = array_map(strval(...), $picture->drawn($this->look->fontSize));

            return Markup::open('img', ['src' => $base.$picture->path, 'alt' => '', 'width' => $width, 'height' => $height, 'style' => Markup::style(['vertical-align' => '-0.25em', $margin => "{$this->look->iconGap}px"])]);
        }
        $size = (string) $this->look->fontSize;
        $style = Markup::style(['vertical-align' => '-0.12em', $margin => "{$this->look->iconGap}px"]);

        return Markup::open('svg', ['viewBox' => '0 0 20 20', 'width' => $size, 'height' => $size, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => '2', 'stroke-linecap' => 'round', 'stroke-linejoin' => 'round', 'aria-hidden' => 'true', 'style' => $style])
            .Markup::open('path', ['d' => $this->look->icon->path()]).'</path></svg>';
    }

    /** Unless the font is the page's, a family of ours. */
    private function family(): string
    {
        // The shorthand takes no "inherit" beside other values, so that a font of the page's keeps a plain fallback.
        return $this->look->font->css() === 'inherit' ? 'system-ui,sans-serif' : $this->look->font->css();
    }

    private function border(Colour $colour): string
    {
        return match (true) {
            $this->look->borderWidth === 0 => '0',
            $this->look->followsPage => "{$this->look->borderWidth}px solid currentColor",
            default => "{$this->look->borderWidth}px solid {$colour->hex()}",
        };
    }
}
