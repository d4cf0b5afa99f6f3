<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Text\EmailAddress;
use PaperKite\Text\InvalidAddress;
use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;
use PaperKite\Text\Passage;
use PaperKite\ToldRefusal;
use PaperKite\Words\Language;
use PaperKite\Words\Wording;
use Symfony\Component\Intl\Countries;

/** The checkout's fields as a shopper typed them: read all at once, so that every wrong field is told in one answer. */
final readonly class DetailsEntry
{
    /** @var array<string, string> a sentence by field */
    public array $errors;

    public ?ShopperDetails $details;

    /** @param  array<string, string>  $typed  by field */
    public function __construct(public array $typed, CheckoutRules $rules, Needs $needs, Wording $words = new Wording(Language::English))
    {
        $errors = [];
        $read = [];
        foreach (CheckoutField::cases() as $field) {
            try {
                $read[$field->value] = self::read($field, $typed[$field->value] ?? '', $rules->demandOf($field, $needs, $typed[CheckoutField::Country->value] ?? ''), $words->text($field->subject()));
            } catch (ToldRefusal $invalid) {
                $errors[$field->value] = $words->refusal($invalid);
                $read[$field->value] = '';
            }
        }
        $this->errors = $errors;
        $this->details = $errors === [] ? new ShopperDetails(...$read) : null;
    }

    /**
     * @param  string  $subject  how a refusal calls the field
     *
     * @throws InvalidLine
     * @throws InvalidDetail
     * @throws InvalidAddress
     */
    private static function read(CheckoutField $field, string $typed, Demand $demand, string $subject): string
    {
        if ($demand === Demand::Off || ($demand === Demand::Optional && trim($typed) === '')) {
            return '';
        }
        $text = $field === CheckoutField::Comment
            ? Passage::of($typed, $subject, $field->longest())->text
            : Line::of($typed, $subject, $field->longest())->text;

        return match (true) {
            $field === CheckoutField::Email => EmailAddress::of($text)->text,
            $field === CheckoutField::Country && ! Countries::exists($text) => throw InvalidDetail::country(),
            default => $text,
        };
    }
}
