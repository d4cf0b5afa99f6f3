<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Price;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;

/** The options of a product’s form: each needs a name and choices that differ, and one of them at most sets prices. */
final readonly class OptionsEntry
{
    public const MOST_OPTIONS = 3;

    public const MOST_VARIANTS = 200;

    private const LONGEST_NAME = 60;

    public function __construct(
        private PriceEntry $prices,
        private FieldErrors $wrong,
    ) {}

    /** @return list<Option> */
    public function read(FormInput $typed): array
    {
        $options = [];
        $names = [];
        $pricedBy = null;
        foreach ($typed->items('options') as $entry) {
            $name = $this->name($entry, 'The name of the option', $names, 'option');
            $option = new Option($name, $this->choices($entry));
            if ($pricedBy !== null && $option->setsPrices()) {
                $this->wrong->add($entry->path('name'), "“{$pricedBy}” sets the price already; let the choices here add to it instead.");
            }
            $pricedBy ??= $option->setsPrices() ? $name : null;
            $options[] = $option;
        }
        $this->mustBeFew($typed, $options);

        return $options;
    }

    /**
     * @param  list<Option>  $options
     * @return list<list<string>> every combination of choices, the last option changing first; a choice without a name, or with one that is taken, is in none; where there are more than a product may have, none is made
     */
    public static function combinations(array $options): array
    {
        if (count($options) > self::MOST_OPTIONS || self::count($options) > self::MOST_VARIANTS) {
            return [];
        }
        $combinations = $options === [] ? [] : [[]];
        foreach ($options as $option) {
            $names = array_diff(array_unique(array_map(static fn (Choice $choice): string => $choice->name, $option->choices)), ['']);
            $combinations = array_merge(...array_map(
                static fn (array $begun): array => array_map(static fn (string $name): array => [...$begun, $name], array_values($names)),
                $combinations,
            ));
        }

        return $combinations;
    }

    /**
     * @param  list<Option>  $options
     * @return int|float how many combinations their choices make; a float where that is beyond counting
     */
    private static function count(array $options): int|float
    {
        return array_product(array_map(static fn (Option $option): int => count($option->choices), $options));
    }

    /** @param  list<Option>  $options */
    private function mustBeFew(FormInput $typed, array $options): void
    {
        if (count($options) > self::MOST_OPTIONS) {
            $this->wrong->add($typed->path('options'), 'A product has three options at most; remove one.');
        }
        $count = self::count($options);
        if ($options !== [] && $count > self::MOST_VARIANTS) {
            $this->wrong->add($typed->path('options'), "These choices make {$count} variants; 200 is the most. Remove some choices.");
        }
    }

    /** @return list<Choice> */
    private function choices(FormInput $option): array
    {
        $choices = [];
        $names = [];
        foreach ($option->items('choices') as $entry) {
            $name = $this->name($entry, 'The name of the choice', $names, 'choice');
            $price = $this->prices->amount($entry, 'price');
            $adds = $this->prices->amount($entry, 'adds');
            if ($price !== null && $adds !== null) {
                $this->wrong->add($entry->path('adds'), 'A choice sets a price or adds to it, not both; clear one.');
            }
            $choices[] = new Choice($name, $price === null ? null : new Price($price), $adds);
        }
        if ($choices === []) {
            $this->wrong->add($option->path('name'), 'An option needs at least one choice.');
        }

        return $choices;
    }

    /** @param  list<string>  $taken */
    private function name(FormInput $entry, string $what, array &$taken, string $noun): string
    {
        $name = $this->wrong->at($entry->path('name'), fn (): string => Line::of($entry->text('name'), $what, self::LONGEST_NAME)->text) ?? '';
        if ($name !== '' && in_array($name, $taken, true)) {
            $this->wrong->add($entry->path('name'), "There is {$this->article($noun)} {$noun} “{$name}” already; give this one another name.");
        }
        $taken[] = $name;

        return $name;
    }

    private function article(string $noun): string
    {
        return $noun === 'option' ? 'an' : 'a';
    }
}
