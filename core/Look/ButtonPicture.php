<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** The seller's own picture in place of a drawn button. One side is given, the other follows. */
final readonly class ButtonPicture
{
    public function __construct(
        /** The path at the shop's host. */
        public string $path,
        /** What stands on it, for those who can't see it (WCAG 2.2, 1.1.1). */
        public string $text,
        /** Whether the size is that of the width; else that of the height. */
        public bool $givesWidth,
        public int $size,
        public bool $isPercent,
        /** In px, as it was uploaded. */
        public int $ownWidth,
        public int $ownHeight,
    ) {}

    /** @return array<string, string> values of CSS by property */
    private function css(): array
    {
        $size = $this->size.($this->isPercent ? '%' : 'px');

        return $this->givesWidth ? ['width' => $size, 'height' => 'auto'] : ['width' => 'auto', 'height' => $size];
    }

    /** @return array<string, string> values of CSS by property, never wider than there is room */
    public function drawn(): array
    {
        // A part of the page is as wide as the link around it, which is that part of the page.
        return ['display' => 'block', ...($this->isPercent ? ['width' => '100%', 'height' => 'auto'] : $this->css()), 'max-width' => '100%'];
    }

    /**
     * The smaller side as it will stand; `null` where it depends on the page.
     *
     * @return int|null in CSS px, rounded down
     */
    public function smallerSide(): ?int
    {
        if ($this->isPercent) {
            return null;
        }
        $other = $this->givesWidth ? $this->size * $this->ownHeight / $this->ownWidth : $this->size * $this->ownWidth / $this->ownHeight;

        return (int) floor(min($this->size, $other));
    }
}
