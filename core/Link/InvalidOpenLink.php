<?php

declare(strict_types=1);

namespace PaperKite\Link;

use DomainException;
use PaperKite\Refusal;

/** A part of an open link that can't be read, and what to write instead. */
final class InvalidOpenLink extends DomainException implements Refusal
{
    private function __construct(
        /** The part as it stands in the link, as far as it can be shown. */
        public readonly string $part,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function item(string $text): self
    {
        return self::of($text, $text === ''
            ? 'Between two commas nothing is named; take one of them out.'
            : 'This is not one of the goods as a link names them; write a SKU, such as honey-340, with a number and * before it for more than one.');
    }

    public static function quantity(string $text, int $largest): self
    {
        return self::of($text, "The number before the * is from 1 to {$largest}.");
    }

    public static function noItems(): self
    {
        return self::of('/take/', 'The link names no goods; write a SKU after /take/.');
    }

    public static function tooManyItems(int $count, int $most): self
    {
        return self::of("{$count} goods", "A link names {$most} goods at most; leave some out.");
    }

    public static function notText(): self
    {
        return self::of('/take/…', 'The link holds bytes that are not text (UTF-8); write it anew.');
    }

    public static function destination(string $text): self
    {
        return self::of("to={$text}", 'A link leads to pay, cart, choose or stay.');
    }

    public static function label(string $text): self
    {
        return self::of("from={$text}", 'The label has letters, digits, - _ and . only, 40 at most.');
    }

    public static function coupon(string $text): self
    {
        return self::of("coupon={$text}", 'No coupon has such a code; it has 40 characters at most.');
    }

    public static function back(string $text): self
    {
        return self::of("back={$text}", 'The address to return to is not at a host that the shop has listed.');
    }

    public static function parameter(string $name): self
    {
        return self::of($name, 'A link has the parameters to, coupon, back and from, each once.');
    }

    public static function unknown(string $text): self
    {
        return self::of($text, 'This shop sells nothing under this SKU; look at how it is spelled.');
    }

    public static function draft(string $sku, string $name): self
    {
        return self::of($sku, "“{$name}” is a draft and can’t be bought yet; put it on sale at the product, or take it out.");
    }

    public static function noPlan(string $text): self
    {
        return self::of($text, 'This is not sold by a plan; leave out what follows the @.');
    }

    /** @param  string  $why  what is wrong with the amount, as a sentence */
    public static function amount(string $text, string $why): self
    {
        return self::of($text, $why);
    }

    public static function noAmount(string $text): self
    {
        return self::of($text, 'Of this the shopper can’t say how much to give; leave out what follows the =.');
    }

    private static function of(string $part, string $message): self
    {
        return new self(mb_strimwidth(mb_scrub($part, 'UTF-8'), 0, 80, '…', 'UTF-8'), $message);
    }
}
