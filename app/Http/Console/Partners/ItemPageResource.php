<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\Price\PageProblem;
use PaperKite\Partner\Price\SeenPage;

#[OA\Schema(schema: 'ItemPage', description: 'What an item’s page says.')]
final readonly class ItemPageResource
{
    private function __construct(
        #[OA\Property(description: 'Digits with a point; blank: it says none.')]
        public string $price,
        #[OA\Property(description: 'As the marketplace writes it.')]
        public string $title,
        #[OA\Property(description: 'The same made shorter by the shop’s own limit.')]
        public string $shorter,
        #[OA\Property(description: 'Without markup.')]
        public string $text,
        #[OA\Property(description: 'Why it says nothing, and what to do; blank: it does.')]
        public string $problem,
    ) {}

    public static function of(SeenPage|PageProblem $page, string $shorter): self
    {
        return $page instanceof SeenPage ? new self($page->price->decimal(), $page->title, $shorter, $page->text, '') : new self('', '', '', '', $page->sentence());
    }
}
