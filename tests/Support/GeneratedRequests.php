<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Values that are nearly right, and requests made of them, from a seed. */
final readonly class GeneratedRequests
{
    private const VALUES = [
        '', '0', '1', '-1', '7', '9.80', '9.8 0', '9,80', '1e3', '٣', '½', '99999999999999999999', '2026-05-01T00:00:75', '2026-13-01T00:00', '2026-05-01T25:00', '2026-02-30T10:00', '2026-05-01T10:00', '0000-00-00T00:00',
        'IE', ' IE', 'ie', 'XX', 'EUR', 'ü', 'Käse', '×', '🍯', 'דבש', "a\u{301}", "a\0b", "a\nb", "\u{202E}", '%', '_', '\\', "'", '"', '<b>', '../x', '%2e%2e', '//x.example', 'https://x.example/', 'javascript:1', 'ada@letters.example', 'ádá@bücher.example', 'true', 'null', 'html', 'pay', 'live', 'honey', 'wrap-s', '2*honey', '#ff0000', 'checkout',
    ];

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function value(): string
    {
        return $this->random->getInt(1, 40) === 1 ? str_repeat('x', $this->random->getInt(1_000, 70_000)) : self::VALUES[$this->random->getInt(0, count(self::VALUES) - 1)];
    }

    /**
     * @param  list<string>  $names
     * @return array<string, mixed> some of the names, with values that may be lists and objects
     */
    public function form(array $names): array
    {
        $form = [];
        foreach ($names as $name) {
            if ($this->random->getInt(0, 3) > 0) {
                $form[$name] = $this->inner(0, $names);
            }
        }

        return $form;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    public function oneOf(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, count($choices) - 1)];
    }

    /** @param  list<string>  $names */
    private function inner(int $depth, array $names): mixed
    {
        return match ($this->random->getInt(0, $depth > 2 ? 5 : 9)) {
            0 => $this->random->getInt(-5, 400),
            1 => $this->random->getInt(0, 1) === 1,
            2 => null,
            6, 7 => array_map(fn (): mixed => $this->inner($depth + 1, $names), range(1, $this->random->getInt(1, 4))),
            8 => [$this->oneOf($names === [] ? ['x'] : $names) => $this->inner($depth + 1, $names), $this->value() => $this->value()],
            default => $this->value(),
        };
    }
}
