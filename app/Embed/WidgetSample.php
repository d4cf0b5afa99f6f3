<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\LeadPicture;
use App\Models\Product;
use App\Models\SampleState;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Download\SampleKind;

#[OA\Schema(schema: 'WidgetSample', description: 'What is shown of goods before they are bought.')]
final readonly class WidgetSample
{
    /** @param  list<StoryPicture>  $pictures */
    private function __construct(
        #[OA\Property(description: 'What it is, in the shop’s words.')]
        public string $title,
        #[OA\Property(ref: '#/components/schemas/SampleKind')]
        public SampleKind $kind,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StoryPicture::class))]
        public array $pictures,
        #[OA\Property(description: 'Whole address of sound or moving pictures; blank: there are none.')]
        public string $src,
    ) {}

    /** @return self|null `null` where there is none to show */
    public static function of(Product $product, Shop $shop): ?self
    {
        $sample = $product->loadMissing('sample')->sample;
        if ($sample?->state !== SampleState::Ready) {
            return null;
        }
        $say = $shop->wording();
        $path = $sample->path();

        return new self(
            $say->text($sample->kind->title()),
            $sample->kind,
            array_map(static fn (LeadPicture $picture, int $i): StoryPicture => StoryPicture::of($picture, $shop->base(), $say->say('sample.page', number: $i + 1)), $sample->shown(), array_keys($sample->shown())),
            $path === null ? '' : $shop->base().$path,
        );
    }
}
