<?php

declare(strict_types=1);

namespace App\Shopfront;

use PaperKite\Catalogue\Option;

/** The question which variant it shall be. */
final readonly class WhichVariant
{
    /**
     * @param  list<Option>  $options  one choice of each tells a variant
     * @param  list<ChoiceView>  $variants
     * @param  list<string>  $preselected  what is chosen at first, by option; none where the seller prefers nothing
     */
    public function __construct(
        public array $options,
        public array $variants,
        public array $preselected,
    ) {}
}
