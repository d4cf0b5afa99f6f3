<?php

declare(strict_types=1);

namespace PaperKite\GiftCard;

use PaperKite\Refusal;
use PaperKite\Text\EmailAddress;
use PaperKite\Text\Line;
use PaperKite\Text\Passage;
use PaperKite\Time\Day;
use PaperKite\Words\Wording;

/** What a shopper typed of one card: all of it may be blank, and then the card comes to themselves. */
final readonly class GiftEntry
{
    public const FIELDS = ['name', 'email', 'message', 'day'];

    /** In characters, of what is kept as it is typed. */
    public const LONGEST = 600;

    private const LONGEST_NAME = 120;

    private const LONGEST_EMAIL = 254;

    private const LONGEST_MESSAGE = 500;

    private const MOST_DAYS_AHEAD = 366;

    private function __construct(
        public ?Gift $gift,
        /** @var array<string, string> a sentence by field */
        public array $errors,
    ) {}

    /**
     * @param  array<string, string>  $typed  by field
     * @param  Day  $today  in the shop
     */
    public static function read(array $typed, Day $today, Wording $say): self
    {
        $errors = [];
        $read = static function (string $field, callable $reads) use ($typed, $say, &$errors): mixed {
            $text = trim($typed[$field] ?? '');
            try {
                return $text === '' ? null : $reads($text);
            } catch (Refusal $refusal) {
                $errors[$field] = $say->refusal($refusal);

                return null;
            }
        };
        $name = $read('name', static fn (string $text): string => Line::of($text, $say->text('gift.name'), self::LONGEST_NAME)->text);
        $email = $read('email', static fn (string $text): string => EmailAddress::of(Line::of($text, $say->text('gift.email'), self::LONGEST_EMAIL)->text)->text);
        $message = $read('message', static fn (string $text): string => Passage::of($text, $say->text('gift.message'), self::LONGEST_MESSAGE)->text);
        $day = $read('day', static fn (string $text): Day => Day::read($text));
        if ($day instanceof Day && ($day->number() < $today->number() || $day->number() > $today->plusDays(self::MOST_DAYS_AHEAD)->number())) {
            $errors['day'] = $say->say('refused.gift_day');
        }

        return new self($errors !== [] ? null : new Gift(
            is_string($name) ? $name : '',
            is_string($email) ? $email : '',
            is_string($message) ? $message : '',
            $day instanceof Day && $day->number() > $today->number() ? $day : null,
        ), $errors);
    }
}
