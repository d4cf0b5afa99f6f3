<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Word;
use PaperKite\Offer\WordSource;

#[OA\Schema(schema: 'Word', description: 'What a button says in one state, and whence.')]
final readonly class WordResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/ButtonState')]
        public ButtonState $state,
        #[OA\Property]
        public string $text,
        #[OA\Property(ref: '#/components/schemas/WordSource')]
        public WordSource $source,
        #[OA\Property(description: 'The source in words.')]
        public string $whence,
    ) {}

    public static function of(Word $word): self
    {
        return new self($word->state, $word->text, $word->source, $word->source->words());
    }
}
