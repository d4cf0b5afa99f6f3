<?php

declare(strict_types=1);

namespace App\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\PartnerRules;
use PaperKite\Partner\Price\StalePrice;

/** What a shop holds its partners’ goods to, as its form holds it. */
#[OA\Schema(schema: 'PartnerRulesEntry', description: 'As typed.')]
final readonly class PartnerRulesForm
{
    private function __construct(
        #[OA\Property(description: 'For how many days a price that was seen is believed.')]
        public string $price_days,
        #[OA\Property(ref: '#/components/schemas/StalePrice')]
        public StalePrice $stale,
        #[OA\Property(description: 'Whether a price that has changed at a marketplace is shown by itself.')]
        public bool $takes_over,
        #[OA\Property(description: 'How many words a title may have.')]
        public string $title_words,
        #[OA\Property(description: 'How many words a text may have.')]
        public string $text_words,
        #[OA\Property(description: 'Of a hundred who click, how many are thought to buy while too few have clicked.')]
        public string $conversion,
    ) {}

    public static function of(PartnerRules $rules): self
    {
        return new self((string) $rules->prices->days, $rules->prices->stale, $rules->prices->takesOver, (string) $rules->texts->title, (string) $rules->texts->text, $rules->conversion->text);
    }
}
