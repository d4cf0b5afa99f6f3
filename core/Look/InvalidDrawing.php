<?php

declare(strict_types=1);

namespace PaperKite\Look;

use InvalidArgumentException;
use PaperKite\Refusal;

final class InvalidDrawing extends InvalidArgumentException implements Refusal
{
    public static function tooLarge(int $most): self
    {
        return new self('The drawing is larger than '.intdiv($most, 1000).' KB; simplify it, or upload it as PNG.');
    }

    public static function unreadable(): self
    {
        return new self('This is not an SVG drawing that can be read; export it as plain SVG, or upload it as PNG.');
    }

    public static function empty(): self
    {
        return new self('The drawing holds no shape; texts and pictures in it are not taken. Turn them into paths, or upload it as PNG.');
    }

    public static function tooManyShapes(int $most): self
    {
        return new self("The drawing has more than {$most} shapes, or too many within each other; simplify it, or upload it as PNG.");
    }

    public static function noSize(): self
    {
        return new self('The drawing does not say how large it is; export it with its size.');
    }

    public static function tooLong(int $most): self
    {
        return new self("One side of the drawing is more than {$most} times the other; choose one that is nearer to a square.");
    }
}
