<?php

declare(strict_types=1);

namespace App\Finding;

/** Which thing is meant; a seller’s browser remembers those that were opened lately as `1-12`. */
final readonly class ThingKey
{
    private const MOST = 12;

    public function __construct(
        public Kind $kind,
        public int $id,
    ) {}

    /** @return list<self> those that can be read, each once */
    public static function read(string $text): array
    {
        $keys = [];
        foreach (explode(',', $text) as $one) {
            if (preg_match('/\A(\d)-(\d{1,18})\z/', $one, $parts) === 1 && in_array(Kind::tryFrom((int) $parts[1]), Kind::ofSellers(), true)) {
                $keys[$one] = new self(Kind::from((int) $parts[1]), (int) $parts[2]);
            }
        }

        return array_slice(array_values($keys), 0, self::MOST);
    }
}
