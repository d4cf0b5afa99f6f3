<?php

declare(strict_types=1);

namespace App\Finding;

/** Things by their ids, as bits in blocks: what two sets of a hundred thousand have in common is found in a millisecond. */
final readonly class ThingSet
{
    /** So many ids to a block. */
    private const IDS = 4_096;

    /** The highest bit of each byte. */
    private const HIGHEST = 7;

    /** @param  array<int, string>  $blocks  by number: 512 bytes each, a bit for each id, the lowest of each byte first */
    public function __construct(public array $blocks = []) {}

    /** @param  list<int>  $ids */
    public static function of(array $ids): self
    {
        return (new self)->with($ids);
    }

    public static function blockOf(int $id): int
    {
        return intdiv($id, self::IDS);
    }

    /** @param  list<int>  $ids */
    public function with(array $ids): self
    {
        $blocks = $this->blocks;
        foreach ($ids as $id) {
            $block = self::blockOf($id);
            $blocks[$block] ??= str_repeat("\0", self::IDS >> 3);
            $byte = $id % self::IDS >> 3;
            $blocks[$block][$byte] = chr(ord($blocks[$block][$byte]) | 1 << ($id & self::HIGHEST));
        }

        return new self($blocks);
    }

    /** @param  list<int>  $ids */
    public function without(array $ids): self
    {
        $blocks = $this->blocks;
        foreach ($ids as $id) {
            $block = self::blockOf($id);
            if (isset($blocks[$block])) {
                $byte = $id % self::IDS >> 3;
                $blocks[$block][$byte] = chr(ord($blocks[$block][$byte]) & ~(1 << ($id & self::HIGHEST)));
            }
        }

        return new self($blocks);
    }

    public function or(self $other): self
    {
        $blocks = $this->blocks;
        foreach ($other->blocks as $number => $bits) {
            $blocks[$number] = isset($blocks[$number]) ? $blocks[$number] | $bits : $bits;
        }

        return new self($blocks);
    }

    public function and(self $other): self
    {
        $blocks = [];
        foreach (array_intersect_key($this->blocks, $other->blocks) as $number => $bits) {
            $blocks[$number] = $bits & $other->blocks[$number];
        }

        return new self($blocks);
    }

    /** @return list<int> ids, the highest first */
    public function highest(int $most): array
    {
        $ids = [];
        $blocks = $this->blocks;
        krsort($blocks);
        foreach ($blocks as $number => $bits) {
            for ($byte = strlen(rtrim($bits, "\0")) - 1; $byte >= 0; $byte--) {
                for ($bit = self::HIGHEST; $bits[$byte] !== "\0" && $bit >= 0; $bit--) {
                    if ((ord($bits[$byte]) >> $bit & 1) === 1) {
                        $ids[] = $number * self::IDS + $byte * 8 + $bit;
                    }
                }
                if (count($ids) >= $most) {
                    return array_slice($ids, 0, $most);
                }
            }
        }

        return $ids;
    }
}
