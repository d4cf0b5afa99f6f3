<?php

declare(strict_types=1);

namespace PaperKite\Refund;

use DomainException;
use PaperKite\Money\Money;
use PaperKite\Refusal;

final class CantGiveBack extends DomainException implements Refusal
{
    /** @param  string  $at  the part of the wish that is wrong: `lines.12`, `shipping`, `amount`; blank for all of it */
    private function __construct(public readonly string $at, string $message)
    {
        parent::__construct($message);
    }

    public static function nothing(): self
    {
        return new self('', 'Choose what is given back: at least one piece, or an amount above nothing.');
    }

    public static function noCount(int $line): self
    {
        return new self("lines.{$line}", 'Enter a whole number of pieces.');
    }

    public static function unknownLine(int $line): self
    {
        return new self("lines.{$line}", 'This line is not in the order.');
    }

    public static function pieces(int $line, int $left): self
    {
        return new self("lines.{$line}", match ($left) {
            0 => 'All of it has been given back.',
            1 => 'Only 1 piece can still be given back.',
            default => "Only {$left} pieces can still be given back.",
        });
    }

    public static function shipping(Money $left): self
    {
        return new self('shipping', $left->isZero() ? 'Nothing of shipping can be given back.' : "Of shipping, {$left->shown()} can still be given back.");
    }

    public static function amount(Money $left): self
    {
        return new self('amount', $left->isZero() ? 'All of it has been given back.' : "Only {$left->shown()} can still be given back.");
    }

    public static function moreThanWasTaken(Money $left): self
    {
        return new self('', "That is more than is left of what was taken: {$left->shown()}.");
    }
}
