<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Look\Look;

/**
 * What a pasted button can't carry in itself: how it looks when it is pointed at, pressed, focused, and on a dark page. Its
 * name is the digest of what it holds, so that what was pasted stays as it is.
 */
final readonly class CopiedSheet
{
    private const DIGEST = 32;

    private const CLASS_DIGEST = 12;

    private function __construct(
        public string $className,
        public string $css,
        /** 32 hexadecimal digits of SHA-256. */
        public string $digest,
    ) {}

    /** @return self|null `null` where a picture is the button */
    public static function of(Look $look): ?self
    {
        if ($look->picture !== null) {
            return null;
        }
        // The class is named after the rules, and so clashes with none but its like.
        $className = 'kite-'.substr(hash('sha256', (new LookSheet($look, '.kite'))->overInline()), 0, self::CLASS_DIGEST);
        $css = (new LookSheet($look, ".{$className}"))->overInline();

        return new self($className, $css, substr(hash('sha256', $css), 0, self::DIGEST));
    }

    /** @param  string  $base  the shop's origin */
    public function address(string $base): string
    {
        return "{$base}/embed/{$this->digest}.css";
    }
}
