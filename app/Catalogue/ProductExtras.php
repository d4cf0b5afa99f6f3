<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Text\RichText;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Partner\AddressesEntry;
use PaperKite\Partner\Marketplace;
use PaperKite\Shopfront\ProductButtons;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Time\Day;

/** What a product’s form says besides the product itself. */
final readonly class ProductExtras
{
    public const MOST_ADD_ONS = 3;

    public const MOST_PICTURES = 12;

    /** In characters, of four bytes at most: what its column holds. */
    private const LONGEST_SUMMARY = 15_000;

    /**
     * @param  list<PictureEntry>  $pictures  in their order, the first one leads
     * @param  list<int>  $addOns  ids of products
     * @param  array<string, int>  $stockSeen  by SKU as it was, blank for the product itself: what the form was filled with
     */
    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        public ?string $summary,
        public ?string $description,
        public array $pictures,
        public array $addOns,
        public array $stockSeen,
        /** @var array<string, string> buttons by surface and their words, where they differ from the shop's */
        public array $buttons,
        public bool $isDraft,
        /** Where it is to be had, while a partner sells it. */
        public AddressesEntry $addresses,
        /** When its text is needed. */
        public ?Day $textBy,
        public FilesEntry $files,
    ) {}

    /** @param  array<int, Marketplace>  $marketplaces  of the shop, by id */
    public static function of(FormInput $typed, array $marketplaces, KnownFiles $known): self
    {
        $seen = ['' => $typed->id('stock_seen')];
        foreach ($typed->items('variants') as $variant) {
            $seen[$variant->text('sku')] = $variant->id('stock_seen');
        }

        $wrong = new FieldErrors;
        $summary = $wrong->at('summary', static fn (): string => RichText::of($typed->text('summary'), 'The summary', self::LONGEST_SUMMARY));
        $description = $wrong->at('description', static fn (): string => RichText::of($typed->text('description'), 'The description'));
        $textBy = trim($typed->text('text_by')) === '' ? null : $wrong->at('text_by', static fn (): Day => Day::read($typed->text('text_by')));
        $buttons = ProductButtons::read($typed->part('buttons'));

        $isElsewhere = ProductKind::tryFrom($typed->text('kind'))?->isElsewhere() === true;
        $addresses = AddressesEntry::read($typed, $marketplaces, $isElsewhere);
        $files = FilesEntry::read($typed, $known, $typed->isOn('is_draft'));

        return new self(
            $wrong->all() + $buttons->errors + $addresses->errors + $files->errors,
            $summary === '' ? null : $summary,
            $description === '' ? null : $description,
            array_values(array_filter(array_map(PictureEntry::of(...), array_slice($typed->items('pictures'), 0, self::MOST_PICTURES)))),
            $typed->ids('add_ons'),
            array_filter($seen, static fn (?int $stock): bool => $stock !== null),
            $buttons->said,
            $typed->isOn('is_draft'),
            $addresses,
            $textBy,
            $files,
        );
    }
}
