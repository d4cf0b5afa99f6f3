<?php

declare(strict_types=1);

namespace App\Models\Casts;

use PaperKite\Quote\Document\Faults;
use PaperKite\Quote\Document\Node;
use PaperKite\Quote\Document\ShopReader;
use PaperKite\Quote\Fault;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\Unquotable;
use PaperKite\Text\DecimalMark;

/** Reads a shop’s rules: their form is that of a quote document’s `shop`, so that the one reader there is reads them. */
final readonly class ShopRulesEntry
{
    /** @param  array<string, list<string>>  $errors  sentences by path */
    private function __construct(
        public ?ShopRules $rules,
        public array $errors,
    ) {}

    public static function read(string $currency, mixed $entry, DecimalMark $mark = DecimalMark::Point): self
    {
        $faults = new Faults;
        $document = json_decode(json_encode(['currency' => $currency] + (array) $entry, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
        $rules = ShopReader::of(new Node($document, '', $faults, $mark))->rules();
        try {
            $faults->throwIfAny();
        } catch (Unquotable $unquotable) {
            return new self(null, self::byPath($unquotable->faults));
        }

        return new self($rules, []);
    }

    /**
     * @param  list<Fault>  $faults
     * @return array<string, list<string>>
     */
    private static function byPath(array $faults): array
    {
        $byPath = [];
        foreach ($faults as $fault) {
            $byPath[$fault->at][] = $fault->message;
        }

        return $byPath;
    }
}
