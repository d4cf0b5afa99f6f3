<?php

declare(strict_types=1);

namespace App\Embed;

use App\Shopfront\HowMuch;
use OpenApi\Attributes as OA;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'WidgetAmounts', description: 'The question how much a shopper gives.')]
final readonly class WidgetAmounts
{
    /** @param  list<WidgetPrice>  $suggested */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: WidgetPrice::class))]
        public array $suggested,
        #[OA\Property(description: 'What is chosen at first; one that is suggested, or none of them.')]
        public string $usual,
        #[OA\Property(description: 'From how much to how much, in a sentence.')]
        public string $limits,
        #[OA\Property(description: 'Above what is suggested.')]
        public string $label,
        #[OA\Property(description: 'Beside the field for another amount.')]
        public string $other,
        #[OA\Property(description: 'Whether another amount can be typed.')]
        public bool $is_free,
    ) {}

    public static function of(HowMuch $question, Wording $say): self
    {
        return new self(
            array_map(WidgetPrice::ofAmount(...), $question->suggested),
            $question->usual->decimal(),
            $question->limits($say),
            $say->say('amount.how_much'),
            $say->say('amount.another', currency: $question->currency->code),
            $question->isFree(),
        );
    }
}
