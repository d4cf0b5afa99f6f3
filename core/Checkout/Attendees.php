<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Refusal;
use PaperKite\Text\Line;

/** Who comes, a name for each seat. */
final class Attendees
{
    public const LONGEST_NAME = 120;

    /**
     * @param  list<string>  $names  as typed, one for each seat
     * @return string|null what is wrong with them, the first of it
     */
    public static function objection(array $names): ?string
    {
        if (in_array('', array_map(trim(...), $names), true)) {
            return count($names) === 1 ? 'Say who comes.' : 'Say who comes: a name for each seat.';
        }
        foreach ($names as $name) {
            try {
                Line::of($name, 'The name', self::LONGEST_NAME);
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }
        }

        return null;
    }
}
