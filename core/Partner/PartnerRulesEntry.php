<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Money\Percentage;
use PaperKite\Partner\Price\PriceRule;
use PaperKite\Partner\Price\StalePrice;
use PaperKite\Partner\Writing\TextLimits;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** The form of what a shop holds its partners' goods to. */
final readonly class PartnerRulesEntry
{
    private const MOST_TITLE_WORDS = 30;

    private const MOST_TEXT_WORDS = 5_000;

    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        /** `null` where something is wrong. */
        public ?PartnerRules $rules,
    ) {}

    public static function read(FormInput $typed): self
    {
        $wrong = new FieldErrors;
        $days = self::number($typed, 'price_days', PriceRule::LONGEST_DAYS, 'days', $wrong);
        $title = self::number($typed, 'title_words', self::MOST_TITLE_WORDS, 'words', $wrong);
        $text = self::number($typed, 'text_words', self::MOST_TEXT_WORDS, 'words', $wrong);
        $stale = StalePrice::tryFrom($typed->text('stale'));
        if ($stale === null) {
            $wrong->add('stale', 'Choose what becomes of an old price.');
        }
        $conversion = $wrong->at('conversion', static fn (): Percentage => Percentage::fromEntry($typed->decimal('conversion')));

        return $wrong->all() !== [] || $stale === null
            ? new self($wrong->all(), null)
            : new self([], new PartnerRules(new PriceRule($days, $stale, $typed->isOn('takes_over')), new TextLimits($title, $text), $conversion));
    }

    private static function number(FormInput $typed, string $key, int $most, string $what, FieldErrors $wrong): int
    {
        $text = trim($typed->text($key), ' ');
        if (preg_match('/\A[1-9]\d{0,3}\z/', $text) !== 1 || (int) $text > $most) {
            $wrong->add($key, "Write a number of {$what} from 1 to {$most}.");
        }

        return (int) $text;
    }
}
