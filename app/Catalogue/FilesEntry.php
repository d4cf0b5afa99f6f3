<?php

declare(strict_types=1);

namespace App\Catalogue;

use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Download\DownloadTerms;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** What a product's form says of the files that it is sold with. */
final readonly class FilesEntry
{
    public const MOST = 50;

    /** @param  array<int, string>  $files  SKU of the variant by the id of the file, in their order; blank: every variant */
    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        public array $files,
        public ?int $sample,
        public ?int $days,
        public ?int $times,
    ) {}

    public static function read(FormInput $typed, KnownFiles $known, bool $isDraft): self
    {
        $wrong = new FieldErrors;
        $isSold = ProductKind::tryFrom($typed->text('kind'))?->has(ProductPart::Files) === true;
        $skus = array_map(static fn (FormInput $variant): string => trim($variant->text('sku')), $typed->items('variants'));
        $files = [];
        foreach ($typed->items('files') as $i => $entry) {
            $id = $entry->id('id') ?? 0;
            $sku = trim($entry->text('variant'));
            match (true) {
                $i >= self::MOST => $wrong->add('files', 'A product is sold with '.self::MOST.' files at most.'),
                ! in_array($id, $known->files, true) => $wrong->add($entry->path('id'), 'This file is no longer there; remove it, and upload it again.'),
                // What its kind has no use for waits, and harms nothing.
                $isSold && $sku !== '' && ! in_array($sku, $skus, true) => $wrong->add($entry->path('variant'), 'The variant of this file is no longer there; choose another, or every variant.'),
                default => $files[$id] = $sku,
            };
        }
        if ($isSold && ! $isDraft) {
            self::somethingForEach($files, $skus, $wrong);
        }
        $sample = $typed->id('sample');
        if ($sample !== null && ! in_array($sample, $known->samples, true)) {
            $wrong->add('sample', 'This sample is no longer there; remove it, and add another.');
        }

        [$days, $times] = [DownloadTerms::daysIn($typed, $wrong), DownloadTerms::timesIn($typed, $wrong)];

        return new self($wrong->all(), $files, $sample, $days, $times);
    }

    /**
     * Nobody pays for nothing.
     *
     * @param  array<int, string>  $files
     * @param  list<string>  $skus
     */
    private static function somethingForEach(array $files, array $skus, FieldErrors $wrong): void
    {
        if ($files === []) {
            $wrong->add('files', 'Add the file that shoppers get, or keep the product a draft until it is there.');

            return;
        }
        foreach ($skus as $sku) {
            if (! in_array('', $files, true) && ! in_array($sku, $files, true)) {
                $wrong->add('files', "Whoever buys “{$sku}” gets no file; add one for it, or one for every variant.");
            }
        }
    }
}
