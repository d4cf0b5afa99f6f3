<?php

declare(strict_types=1);

namespace PaperKite\People;

use PaperKite\Text\Crockford;
use Random\Randomizer;

/** Lets a person in once without their app: 60 bits in 12 characters of the Crockford base 32 alphabet, in fours. */
final readonly class RecoveryCode
{
    /** How many a person is given. */
    public const MANY = 10;

    private const LENGTH = 12;

    private function __construct(private string $text) {}

    /** @param  Randomizer  $source  a secure one */
    public static function random(Randomizer $source): self
    {
        return new self(Crockford::random(self::LENGTH, $source));
    }

    /** `null` where what was typed can't be one. */
    public static function read(string $typed): ?self
    {
        $plain = Crockford::read(str_replace([' ', '-'], '', $typed), self::LENGTH);

        return $plain === null ? null : new self($plain);
    }

    public function shown(): string
    {
        return implode('-', str_split($this->text, 4));
    }

    /**
     * What the database keeps of it. With the key of the installation, since 60 bits could be tried out.
     *
     * @param  int  $person  by whom alone it counts
     */
    public function digest(int $person, #[\SensitiveParameter] string $key): string
    {
        return hash_hmac('sha256', "{$person}|{$this->text}", $key);
    }
}
