<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

use PaperKite\Offer\Onwards;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;

/** The form in which a seller puts goods on a shelf. */
final readonly class ShelfInput
{
    public const MOST = 60;

    private const LONGEST_NAME = 80;

    /**
     * @param  array<string, string>  $errors  sentences by field
     * @param  list<int>  $products  by number, in order
     */
    private function __construct(
        public array $errors,
        public string $name,
        public ShelfDensity $density,
        /** What follows adding: staying on the page, or its mini cart. */
        public Onwards $onwards,
        /** By name: all that is in it is shown; blank: what was picked. */
        public string $category,
        public array $products,
    ) {}

    /** What is wrong is left blank, so that what is right can be shown meanwhile. */
    public static function read(FormInput $typed): self
    {
        $wrong = new FieldErrors;
        $name = $wrong->at('name', static fn (): string => Line::of($typed->text('name'), 'The name of the shelf', self::LONGEST_NAME)->text) ?? '';
        $density = ShelfDensity::tryFrom($typed->text('density'));
        if ($density === null) {
            $wrong->add('density', 'Choose how close the goods stand.');
        }
        $onwards = Onwards::tryFrom($typed->text('onwards'));
        if ($onwards !== Onwards::Stay && $onwards !== Onwards::MiniCart) {
            $wrong->add('onwards', 'Choose what follows when something is added.');
            $onwards = Onwards::Stay;
        }
        $category = $typed->text('category');
        $products = array_values(array_unique($typed->ids('products')));
        if (count($products) > self::MOST) {
            $wrong->add('products', 'A shelf holds '.self::MOST.' products at most; take '.(count($products) - self::MOST).' out, or show a category.');
        } elseif ($category === '' && $products === []) {
            $wrong->add('products', 'Pick at least one product, or show a category.');
        }

        return new self($wrong->all(), $name, $density ?? ShelfDensity::Cards, $onwards, $category, $products);
    }
}
