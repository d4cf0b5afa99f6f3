<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Text\FormInput;

/** What is filled in in a product’s form and has no use for its kind: kept, so that a kind that is changed back finds it there. */
final class UnusedParts
{
    /** @return string blank where there is none */
    public static function sentence(FormInput $typed): string
    {
        $kind = ProductKind::tryFrom($typed->text('kind'));
        $unused = $kind === null ? [] : array_filter(ProductPart::cases(), static fn (ProductPart $part): bool => ! $kind->has($part) && self::isFilled($part, $typed));
        $names = array_map(static fn (ProductPart $part): string => $part->named(), array_values($unused));
        $last = array_pop($names);

        return match (true) {
            $last === null => '',
            $names === [] => "Kept, but not used: {$last}.",
            default => 'Kept, but not used: '.implode(', ', $names)." and {$last}.",
        };
    }

    /**
     * @param  list<string>  $paths  of what is wrong
     * @return list<ProductPart>
     */
    public static function wrong(array $paths): array
    {
        $fields = array_map(static fn (string $path): string => explode('.', $path)[0], $paths);

        return array_values(array_filter(ProductPart::cases(), static fn (ProductPart $part): bool => array_intersect($part->fields(), $fields) !== []));
    }

    private static function isFilled(ProductPart $part, FormInput $typed): bool
    {
        if ($part === ProductPart::Variants || $part === ProductPart::Addresses) {
            return $typed->items($part->fields()[0]) !== [];
        }
        foreach ($part->fields() as $field) {
            // What every form begins with is nobody’s entry.
            if ($field !== 'tax_class' && trim($typed->text($field)) !== '') {
                return true;
            }
        }

        return false;
    }
}
