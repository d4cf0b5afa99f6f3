<?php

declare(strict_types=1);

namespace Standins\pay;

/** How the provider answers the shops: a real one has such days too. */
enum Mood: string
{
    case AsUsual = 'usual';
    case Slow = 'slow';
    case Failing = 'failing';
    case TooMany = 'too_many';
    case Garbage = 'garbage';
    case Silent = 'silent';

    public function label(): string
    {
        return match ($this) {
            self::AsUsual => 'As usual',
            self::Slow => 'Slowly, after 10 seconds',
            self::Failing => 'With an error (500)',
            self::TooMany => 'That it is asked too often (429)',
            self::Garbage => 'With 200 and a page that says nothing',
            self::Silent => 'Not at all: it hangs up',
        };
    }

    public function seconds(): int
    {
        return $this === self::Slow ? 10 : 0;
    }
}
