<?php

declare(strict_types=1);

namespace PaperKite\Edit;

/** The fields of a form as it is sent: what has fields of its own is gone into, a list is one field. */
final class Fields
{
    /** Whether all of these are either not there or have fields of their own, so that they are compared field by field. */
    public static function areParted(mixed ...$values): bool
    {
        foreach ($values as $value) {
            if ($value !== null && (! is_array($value) || ($value !== [] && array_is_list($value)))) {
                return false;
            }
        }

        return array_filter($values) !== [];
    }

    /** Whether two values say the same, in whatever order their fields stand. */
    public static function areSame(mixed $a, mixed $b): bool
    {
        return self::ordered($a) === self::ordered($b);
    }

    /** @return list<string> the names of the fields of all of these, each once */
    public static function names(mixed ...$forms): array
    {
        $names = [];
        foreach ($forms as $form) {
            array_push($names, ...array_map(strval(...), array_keys((array) $form)));
        }

        return array_values(array_unique($names));
    }

    private static function ordered(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        $ordered = array_map(self::ordered(...), $value);
        if (! array_is_list($ordered)) {
            ksort($ordered);
        }

        return $ordered;
    }
}
