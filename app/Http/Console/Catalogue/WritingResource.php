<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use OpenApi\Attributes as OA;
use PaperKite\Partner\Writing\CopiedText;
use PaperKite\Partner\Writing\ShortTitle;
use PaperKite\Partner\Writing\TextLimits;
use PaperKite\Partner\Writing\TextMeasure;
use PaperKite\Partner\Writing\TextSegment;
use PaperKite\Partner\Writing\TheirWords;

#[OA\Schema(schema: 'Writing', description: 'Title and text of a partner’s goods, measured and held against what the marketplace writes.')]
final readonly class WritingResource
{
    /** @param  list<TextSegmentResource>  $segments */
    private function __construct(
        #[OA\Property(description: 'Of the title.', example: '5 words, 31 characters; your limit is 3 words.')]
        public string $title,
        #[OA\Property]
        public bool $is_title_long,
        #[OA\Property(description: 'A shorter title; blank: none is needed, or none was found.')]
        public string $shorter,
        #[OA\Property(description: 'Of the text.', example: '212 words, 1,204 characters, 5 bullets; your limit is 500 words.')]
        public string $text,
        #[OA\Property]
        public bool $is_text_long,
        #[OA\Property(description: 'What the marketplace calls it; blank: its page was not read yet.')]
        public string $their_title,
        #[OA\Property(description: 'How much of the text is the marketplace’s own; blank: nothing, or nobody knows.')]
        public string $copied,
        #[OA\Property(description: 'Whether it is largely the marketplace’s own.')]
        public bool $is_copied,
        #[OA\Property(description: 'One’s own text, piece by piece; none where nothing of it is the marketplace’s.', type: 'array', items: new OA\Items(ref: TextSegmentResource::class))]
        public array $segments,
    ) {}

    /**
     * @param  string  $text  without markup
     * @param  int  $items  of lists in it
     * @param  list<string>  $brands
     */
    public static function of(string $title, string $text, int $items, ?TheirWords $theirs, TextLimits $limits, array $brands): self
    {
        $named = TextMeasure::of($title);
        $told = TextMeasure::of($text, $items);
        $copied = $theirs === null || $text === '' ? null : CopiedText::of($text, $theirs->text);
        $isSome = $copied !== null && $copied->share > 0.0;
        $shorter = $named->words > $limits->title ? ShortTitle::of($title, $brands, $limits->title) : '';

        return new self(
            title: $title === '' ? '' : self::measured($named)."; your limit is {$limits->title} words.",
            is_title_long: $named->words > $limits->title,
            shorter: $shorter === $title ? '' : $shorter,
            text: $text === '' ? 'Nothing is written yet.' : self::measured($told)."; your limit is {$limits->text} words.",
            is_text_long: $told->words > $limits->text,
            their_title: $theirs->title ?? '',
            copied: $isSome ? self::percent($copied->share).' of your words stand there as they are; the two texts are alike by '.self::percent($copied->likeness).'.' : '',
            is_copied: $copied?->isLargely() === true,
            segments: $isSome ? array_map(static fn (TextSegment $segment) => new TextSegmentResource($segment->text, $segment->isCopied), $copied->segments) : [],
        );
    }

    private static function measured(TextMeasure $measure): string
    {
        $count = static fn (int $n, string $one): string => $n === 1 ? "one {$one}" : number_format($n)." {$one}s";

        return ucfirst($count($measure->words, 'word')).', '.$count($measure->characters, 'character').($measure->bullets === 0 ? '' : ', '.$count($measure->bullets, 'bullet'));
    }

    private static function percent(float $share): string
    {
        return round($share * 100).' %';
    }
}
