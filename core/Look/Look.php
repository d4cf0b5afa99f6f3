<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** A named, reusable set of style values. What else a button needs, for hover, focus and dark pages, is computed from it. */
final readonly class Look
{
    public const LONGEST_NAME = 40;

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
    ) {}

    /** In CSS px; a line of text is a quarter higher than its letters. */
    public function height(): int
    {
        return $this->lineHeight() + 2 * ($this->paddingBlock + $this->borderWidth);
    }

    public function lineHeight(): int
    {
        return (int) ceil($this->fontSize * 1.25);
    }
}
