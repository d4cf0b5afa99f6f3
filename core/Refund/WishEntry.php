<?php

declare(strict_types=1);

namespace PaperKite\Refund;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;

/** The form in which a seller says what is given back: read all at once, so that every wrong field is told in one answer. */
final readonly class WishEntry
{
    private const LONGEST_REASON = 300;

    private function __construct(
        /** @var array<string, string> sentences by field; of a line by `lines.` and its id */
        public array $errors,
        /** `null` where something of it is wrong; the reason is no part of it. */
        public ?Wish $wish,
        public string $reason,
    ) {}

    public static function read(FormInput $typed, Currency $currency): self
    {
        $wrong = new FieldErrors;
        $isAmount = $typed->text('by') === 'amount';
        $wish = $isAmount
            ? Wish::amount(self::money($typed, 'amount', $currency, $wrong))
            : Wish::goods(self::pieces($typed, $wrong), self::money($typed, 'shipping', $currency, $wrong));
        $isRight = $wrong->all() === [];
        $isBlank = trim($typed->text('reason'), ' ') === '';
        // For goods the reason is in what comes back; an amount says why, to the shopper too.
        $reason = $isBlank && ! $isAmount ? '' : $wrong->at('reason', static fn (): string => Line::of($typed->text('reason'), 'The reason', self::LONGEST_REASON)->text);

        return new self($wrong->all(), $isRight ? $wish : null, $reason ?? '');
    }

    private static function money(FormInput $typed, string $key, Currency $currency, FieldErrors $wrong): Money
    {
        $isBlank = trim($typed->text($key)) === '';

        return ($isBlank ? null : $wrong->at($key, static fn (): Money => Money::fromEntry($typed->decimal($key), $currency))) ?? Money::zero($currency);
    }

    /** @return array<int, int> by the id of the line */
    private static function pieces(FormInput $typed, FieldErrors $wrong): array
    {
        $pieces = [];
        foreach ($typed->items('lines') as $line) {
            $id = $line->id('line');
            $text = trim($line->text('pieces'));
            if ($id === null || $text === '') {
                continue;
            }
            $pieces[$id] = $wrong->at("lines.{$id}", static fn (): int => preg_match('/\A\d{1,5}\z/', $text) === 1 ? (int) $text : throw CantGiveBack::noCount($id)) ?? 0;
        }

        return $pieces;
    }
}
