<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Refusal;
use PaperKite\Text\Line;
use PaperKite\Words\Wording;

/** Who comes, a name for each seat. */
final class Attendees
{
    public const LONGEST_NAME = 120;

    /**
     * @param  list<string>  $names  as typed, one for each seat
     * @return string|null what is wrong with them, the first of it
     */
    public static function objection(array $names, Wording $words): ?string
    {
        if (in_array('', array_map(trim(...), $names), true)) {
            return $words->refusal(InvalidDetail::nobodyComes(count($names)));
        }
        foreach ($names as $name) {
            try {
                Line::of($name, $words->text(CheckoutField::Name->subject()), self::LONGEST_NAME);
            } catch (Refusal $refusal) {
                return $words->refusal($refusal);
            }
        }

        return null;
    }
}
