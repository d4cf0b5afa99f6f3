<?php

declare(strict_types=1);

namespace App\Models;

/**
 * An uploaded picture as files: WebP in three widths, and a JPEG for programs that know no WebP. Its size stands in its
 * name, so that a page reserves the room without asking the database.
 */
final readonly class PictureFile
{
    /** In px: as programs that make previews of links ask for. */
    public const LONGEST_PLAIN_SIDE = 1200;

    /** In px, beside the picture's own. */
    public const NARROWER = [400, 800];

    /** In px, as a drawing says of itself. */
    public const DRAWN_HEIGHT = 100;

    private function __construct(
        /** Of the widest; every other is named after it. */
        public string $name,
        public ?int $width,
        public ?int $height,
    ) {}

    public static function named(string $name): self
    {
        return preg_match('/-(\d{1,5})x(\d{1,5})\.(?:webp|svg)$/D', $name, $size) === 1
            ? new self($name, (int) $size[1], (int) $size[2])
            // Of before pictures had several widths.
            : new self($name, null, null);
    }

    public static function fresh(int $width, int $height): self
    {
        return new self(bin2hex(random_bytes(16))."-{$width}x{$height}.webp", $width, $height);
    }

    /** A drawing, which has one file for every width. */
    public static function drawing(int $width): self
    {
        return new self(bin2hex(random_bytes(16))."-{$width}x".self::DRAWN_HEIGHT.'.svg', $width, self::DRAWN_HEIGHT);
    }

    /** One of the same size, of a name of its own. */
    public function another(): self
    {
        return $this->width === null || $this->height === null ? new self(bin2hex(random_bytes(16)).'.webp', null, null) : self::fresh($this->width, $this->height);
    }

    /** @return array<int, string> names of the WebP files that are narrower than the widest, by width in px */
    public function narrower(): array
    {
        $names = [];
        foreach (array_filter(self::NARROWER, fn (int $width): bool => ! $this->isDrawn() && $width < ($this->width ?? 0)) as $width) {
            $names[$width] = $this->without().".{$width}.webp";
        }

        return $names;
    }

    /** @return string|null name of the JPEG; `null` where there is none */
    public function plain(): ?string
    {
        return $this->width === null || $this->isDrawn() ? null : $this->without().'.jpg';
    }

    /** @return list<string> names of all its files */
    public function all(): array
    {
        return array_values(array_filter([$this->name, ...$this->narrower(), $this->plain()]));
    }

    /** @return array{int, int}|array{null, null} width and height in px of the JPEG */
    public function plainSize(): array
    {
        if ($this->width === null || $this->height === null) {
            return [null, null];
        }
        $scale = min(1, self::LONGEST_PLAIN_SIDE / max($this->width, $this->height));

        return [max(1, (int) round($this->width * $scale)), max(1, (int) round($this->height * $scale))];
    }

    public function path(): string
    {
        return self::at($this->name);
    }

    public function plainPath(): string
    {
        return self::at($this->plain() ?? $this->name);
    }

    /** @return string as `srcset` of HTML; blank where there is one width only */
    public function widths(): string
    {
        $widths = $this->width === null ? [] : $this->narrower() + [$this->width => $this->name];

        return implode(', ', array_map(static fn (string $name, int $width): string => self::at($name)." {$width}w", $widths, array_keys($widths)));
    }

    /**
     * @param  string  $path  of any picture; one that was uploaded has a narrower file of its own
     * @return string of what is wide enough beside a name
     */
    public static function smallPath(string $path): string
    {
        $narrower = str_starts_with($path, self::at('')) ? self::named(basename($path))->narrower() : [];

        return $narrower === [] ? $path : self::at($narrower[array_key_first($narrower)]);
    }

    private function isDrawn(): bool
    {
        return str_ends_with($this->name, '.svg');
    }

    private function without(): string
    {
        return substr($this->name, 0, -strlen('.webp'));
    }

    private static function at(string $name): string
    {
        return "/pictures/{$name}";
    }
}
