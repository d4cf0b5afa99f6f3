<?php

declare(strict_types=1);

namespace PaperKite;

use DomainException;

/** A refusal that shoppers read, too: which one it is and what stands in it, so that a shop can say it in its own words. */
abstract class ToldRefusal extends DomainException implements Refusal
{
    /** @var array<string, string> by the key of the phrase; a name in braces is an argument */
    public const SENTENCES = [];

    /** @param  array<string, string>  $arguments  by their names in the phrase */
    protected function __construct(
        public readonly string $key,
        public readonly array $arguments = [],
    ) {
        $marks = array_map(static fn (string $name): string => "{{$name}}", array_keys($arguments));
        parent::__construct(strtr(static::SENTENCES[$key] ?? '', array_combine($marks, $arguments)));
    }
}
