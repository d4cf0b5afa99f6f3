<?php

declare(strict_types=1);

namespace PaperKite\Words;

use DomainException;
use PaperKite\Refusal;

final class InvalidPhrase extends DomainException implements Refusal
{
    /** @param  list<string>  $known */
    public static function unknownMark(string $mark, array $known): self
    {
        $names = implode(', ', array_map(static fn (string $name): string => "{{$name}}", $known));

        return new self("Nothing is known here for {{$mark}}; ".($known === [] ? 'leave it out.' : "what can be filled in is {$names}."));
    }
}
