<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** A named, reusable set of style values. What else a button needs, for hover, focus and dark pages, is computed from it. */
final readonly class Look
{
    public const LONGEST_NAME = 40;

    /** What a narrow page leaves for a button: 320 CSS px (WCAG 2.2, 1.4.10) without the page's margins. */
    private const NARROW_PAGE = 280;

    /** @param  list<string>  $classes  names of the seller's own, for the page's own style sheet */
    public function __construct(
        public Colour $fill,
        public Colour $ink,
        public Colour $border,
        /** In px, from here on. */
        public int $borderWidth,
        /** Of the first and the third corner. */
        public int $corner,
        /** Of the second and the fourth. */
        public int $crossCorner,
        public Shadow $shadow,
        public int $paddingBlock,
        public int $paddingInline,
        public Font $font,
        public int $fontSize,
        public bool $isBold,
        public Icon $icon,
        public Side $iconSide,
        public int $iconGap,
        public Width $width,
        /** Of the page, where the width is a part of it. */
        public int $widthPercent,
        public Side $alignment,
        /** Colours and font are the page's own. */
        public bool $followsPage = false,
        public array $classes = [],
        public ?ButtonPicture $picture = null,
        /** Where the button stands in the space that the page has for it. */
        public Side $place = Side::Start,
        /** In place of the drawn mark. */
        public ?IconPicture $iconPicture = null,
    ) {}

    /** Whether anything stands beside the words. */
    public function hasIcon(): bool
    {
        return $this->icon !== Icon::None || $this->iconPicture !== null;
    }

    /** @param  int  $percent  of the page, where the width is a part of it */
    public function withWidth(Width $width, int $percent): self
    {
        return new self(
            $this->fill, $this->ink, $this->border, $this->borderWidth, $this->corner, $this->crossCorner, $this->shadow, $this->paddingBlock, $this->paddingInline,
            $this->font, $this->fontSize, $this->isBold, $this->icon, $this->iconSide, $this->iconGap, $width, $percent, $this->alignment,
            $this->followsPage, $this->classes, $this->picture, $this->place, $this->iconPicture,
        );
    }

    /** In CSS px; a line of text is a quarter higher than its letters. */
    public function height(): int
    {
        return $this->lineHeight() + 2 * ($this->paddingBlock + $this->borderWidth);
    }

    /** How many letters stand in one line of it on a narrow page, as near as can be told without the font; `null` where a picture stands for the words. */
    public function lettersInALine(): ?int
    {
        if ($this->picture !== null) {
            return null;
        }
        $px = ($this->width === Width::Percent ? intdiv(self::NARROW_PAGE * $this->widthPercent, 100) : self::NARROW_PAGE)
            - 2 * ($this->paddingInline + $this->borderWidth)
            - ($this->hasIcon() ? ($this->iconPicture?->drawn($this->fontSize)[0] ?? $this->fontSize) + $this->iconGap : 0);

        return max(1, (int) floor($px / ($this->fontSize * $this->font->meanWidth($this->isBold))));
    }

    public function lineHeight(): int
    {
        return (int) ceil($this->fontSize * 1.25);
    }
}
