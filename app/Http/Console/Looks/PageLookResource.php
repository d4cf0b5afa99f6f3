<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use App\Http\Console\Shared\ChoiceResource;
use App\Looks\PageLookForm;
use OpenApi\Attributes as OA;
use PaperKite\Look\Icon;
use PaperKite\Look\PageFont;
use PaperKite\Look\PageLook;

#[OA\Schema(schema: 'PageLook')]
final readonly class PageLookResource
{
    /**
     * @param  list<ChoiceResource>  $fonts
     * @param  list<ChoiceResource>  $marks
     */
    private function __construct(
        #[OA\Property]
        public PageLookForm $entry,
        #[OA\Property]
        public int $version,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $fonts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $marks,
    ) {}

    public static function of(PageLook $look, int $version): self
    {
        return new self(
            PageLookForm::of($look),
            $version,
            array_map(static fn (PageFont $font): ChoiceResource => new ChoiceResource($font->value, $font->label()), PageFont::cases()),
            array_map(static fn (Icon $icon): ChoiceResource => new ChoiceResource($icon->value, $icon->label()), Icon::cases()),
        );
    }
}
