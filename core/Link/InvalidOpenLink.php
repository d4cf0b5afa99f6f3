<?php

declare(strict_types=1);

namespace PaperKite\Link;

use PaperKite\ToldRefusal;

/** A part of an open link that can't be read, and what to write instead. */
final class InvalidOpenLink extends ToldRefusal
{
    public const SENTENCES = [
        'take.gap' => 'Between two commas nothing is named; take one of them out.',
        'take.item' => 'This is not one of the goods as a link names them; write a SKU, such as honey-340, with a number and * before it for more than one.',
        'take.quantity' => 'The number before the * is from 1 to {most}.',
        'take.nothing' => 'The link names no goods; write a SKU after /take/.',
        'take.too_many' => 'A link names {most} goods at most; leave some out.',
        'take.not_text' => 'The link holds bytes that are not text (UTF-8); write it anew.',
        'take.leads' => 'A link leads to pay, cart, choose or stay.',
        'take.label' => 'The label has letters, digits, - _ and . only, 40 at most.',
        'take.coupon' => 'No coupon has such a code; it has 40 characters at most.',
        'take.back' => 'The address to return to is not at a host that the shop has listed.',
        'take.parameter' => 'A link has the parameters to, coupon, back and from, each once.',
        'take.unknown' => 'This shop sells nothing under this SKU; look at how it is spelled.',
        'take.draft' => '“{name}” is a draft and can’t be bought yet; put it on sale at the product, or take it out.',
        'take.no_plan' => 'This is not sold by a plan; leave out what follows the @.',
        'kept' => '{text}',
        'take.elsewhere' => '“{name}” is sold by a partner; a link that leads there names it alone, without a number.',
        'take.no_amount' => 'Of this the shopper can’t say how much to give; leave out what follows the =.',
    ];

    /** @param  array<string, string>  $arguments */
    private function __construct(
        /** The part as it stands in the link, as far as it can be shown. */
        public readonly string $part,
        string $key,
        array $arguments,
    ) {
        parent::__construct($key, $arguments);
    }

    public static function item(string $text): self
    {
        return self::of($text, $text === '' ? 'take.gap' : 'take.item');
    }

    public static function quantity(string $text, int $largest): self
    {
        return self::of($text, 'take.quantity', ['most' => (string) $largest]);
    }

    public static function noItems(): self
    {
        return self::of('/take/', 'take.nothing');
    }

    public static function tooManyItems(int $count, int $most): self
    {
        return self::of("{$count} goods", 'take.too_many', ['most' => (string) $most]);
    }

    public static function notText(): self
    {
        return self::of('/take/…', 'take.not_text');
    }

    public static function destination(string $text): self
    {
        return self::of("to={$text}", 'take.leads');
    }

    public static function label(string $text): self
    {
        return self::of("from={$text}", 'take.label');
    }

    public static function coupon(string $text): self
    {
        return self::of("coupon={$text}", 'take.coupon');
    }

    public static function back(string $text): self
    {
        return self::of("back={$text}", 'take.back');
    }

    public static function parameter(string $name): self
    {
        return self::of($name, 'take.parameter');
    }

    public static function unknown(string $text): self
    {
        return self::of($text, 'take.unknown');
    }

    public static function draft(string $sku, string $name): self
    {
        return self::of($sku, 'take.draft', ['name' => $name]);
    }

    public static function elsewhere(string $text, string $name): self
    {
        return self::of($text, 'take.elsewhere', ['name' => $name]);
    }

    public static function noPlan(string $text): self
    {
        return self::of($text, 'take.no_plan');
    }

    /** @param  string  $why  what is wrong with the amount, as a sentence */
    public static function amount(string $text, string $why): self
    {
        return self::of($text, 'kept', ['text' => $why]);
    }

    public static function noAmount(string $text): self
    {
        return self::of($text, 'take.no_amount');
    }

    /** @param  array<string, string>  $arguments */
    private static function of(string $part, string $key, array $arguments = []): self
    {
        return new self(mb_strimwidth(mb_scrub($part, 'UTF-8'), 0, 80, '…', 'UTF-8'), $key, $arguments);
    }
}
