<?php

declare(strict_types=1);

namespace App\Looks;

use OpenApi\Attributes as OA;
use PaperKite\Look\Icon;
use PaperKite\Look\PageFont;
use PaperKite\Look\PageLook;

/** How a shop's own pages look, as its form holds it: the one place where a field of it is named for the console. */
#[OA\Schema(schema: 'PageLookEntry', description: 'How a shop’s own pages look; as typed.')]
final readonly class PageLookForm
{
    private function __construct(
        #[OA\Property(description: 'Six digits: #f4f7f8.')]
        public string $ground,
        #[OA\Property]
        public string $accent,
        #[OA\Property(ref: '#/components/schemas/PageFont')]
        public PageFont $font,
        #[OA\Property(description: 'Whether it stays as it is for readers who prefer dark pages.')]
        public bool $stays_light,
        #[OA\Property(ref: '#/components/schemas/Icon')]
        public Icon $mark,
        #[OA\Property(description: 'An uploaded picture above the list; null: none, or the one that is there already.')]
        public ?int $banner_id,
        #[OA\Property(description: 'Of the picture that is there already; blank: none.')]
        public string $banner_path,
        #[OA\Property(description: 'What the picture shows; blank where it only decorates.')]
        public string $banner_text,
        #[OA\Property(description: 'What the shop is, in a sentence; blank: nothing is said.')]
        public string $sentence,
    ) {}

    public static function of(PageLook $look): self
    {
        return new self($look->ground->hex(), $look->accent->hex(), $look->font, $look->staysLight, $look->mark, null, $look->banner, $look->bannerText, $look->sentence);
    }
}
