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
    case LosesAnswers = 'loses_answers';
    case DelaysRefunds = 'delays_refunds';
    case DeclinesRefunds = 'declines_refunds';

    public function label(): string
    {
        return match ($this) {
            self::AsUsual => 'As usual',
            self::Slow => 'Slowly, after 10 seconds',
            self::Failing => 'With an error (500)',
            self::TooMany => 'That it is asked too often (429)',
            self::Garbage => 'With 200 and a page that says nothing',
            self::Silent => 'Not at all: it hangs up',
            self::LosesAnswers => 'Not at all, though it does what it is asked',
            self::DelaysRefunds => 'As usual, but gives money back only after 15 seconds',
            self::DeclinesRefunds => 'As usual, but gives no money back',
        };
    }

    public function seconds(): int
    {
        return $this === self::Slow ? 10 : 0;
    }

    /** What becomes of money that is to be given back: `done`, `pending` or `declined`. */
    public function refundState(): string
    {
        return match ($this) {
            self::DeclinesRefunds => 'declined',
            self::DelaysRefunds => 'pending',
            default => 'done',
        };
    }
}
