<?php

declare(strict_types=1);

namespace PaperKite\Edit;

/** What differs between two versions of a form. */
final readonly class FormDifference
{
    /** What a form carries along for whoever saves it, and nobody typed. */
    private const ASIDE = ['stock_seen'];

    /** @param  list<FieldChange>  $changes */
    private function __construct(public array $changes) {}

    /**
     * @param  array<mixed>  $before
     * @param  array<mixed>  $after
     */
    public static function between(array $before, array $after): self
    {
        return new self(self::changes($before, $after, []));
    }

    /**
     * @param  array<mixed>  $before
     * @param  array<mixed>  $after
     * @param  list<string>  $path
     * @return list<FieldChange>
     */
    private static function changes(array $before, array $after, array $path): array
    {
        $changes = [];
        foreach (array_diff(Fields::names($before, $after), self::ASIDE) as $name) {
            $old = $before[$name] ?? null;
            $new = $after[$name] ?? null;
            $here = [...$path, $name];
            if (Fields::areParted($old, $new)) {
                array_push($changes, ...self::changes((array) $old, (array) $new, $here));
            } elseif (! Fields::areSame($old, $new)) {
                $changes[] = new FieldChange($here, $old, $new);
            }
        }

        return $changes;
    }
}
