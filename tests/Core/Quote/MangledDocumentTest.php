<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PaperKite\Quote\Document\DocumentReader;
use PaperKite\Quote\Document\ReceiptWriter;
use PaperKite\Quote\Fault;
use PaperKite\Quote\Quote;
use PaperKite\Quote\Unquotable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever stands anywhere in a quote document, there is a receipt that adds up or a fault with its place and a sentence. */
final class MangledDocumentTest extends TestCase
{
    #[DataProvider('values')]
    public function test_any_value_at_any_place_ends_in_a_receipt_or_a_fault(mixed $value): void
    {
        $refused = 0;
        foreach ($this->places(Documents::valid()) as $place) {
            $refused += $this->isRefused(Documents::with([$place => $value]), $place) ? 1 : 0;
        }

        self::assertGreaterThan(60, $refused);
    }

    /** @return iterable<string, array{mixed}> */
    public static function values(): iterable
    {
        yield 'null' => [null];
        yield 'a flag' => [true];
        yield 'a number' => [7];
        yield 'fewer than none' => [-1];
        yield 'half' => [0.5];
        yield 'more than fits' => [PHP_INT_MAX];
        yield 'no text' => [''];
        yield 'a text' => ['wool'];
        yield 'an amount without end' => [str_repeat('9', 30).'.00'];
        yield 'another script' => ['٣٫٥'];
        yield 'a list' => [[[]]];
        yield 'an object' => [['colour' => ['red' => 1]]];
        yield 'nothing at all' => [Documents::removed()];
    }

    public function test_a_list_that_is_doubled_is_refused_or_adds_up(): void
    {
        foreach ($this->places(Documents::valid()) as $place) {
            $node = $this->at(Documents::valid(), $place);
            if (is_array($node) && array_is_list($node)) {
                $this->isRefused(Documents::with([$place => [...$node, ...$node]]), $place);
            }
        }
    }

    /** @param  array<string, mixed>  $document */
    private function isRefused(array $document, string $place): bool
    {
        try {
            $receipt = Quote::of(DocumentReader::read(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)));
        } catch (Unquotable $unquotable) {
            self::assertNotSame([], $unquotable->faults, $place);
            foreach ($unquotable->faults as $fault) {
                self::assertMatchesRegularExpression('/\A(?:[^.\[\]]+(?:\[\d+])*(?:\.[^.\[\]]+(?:\[\d+])*)*)?\z/u', $fault->at, $place);
                self::assertMatchesRegularExpression('/\A[\p{Lu}“].{8,}[.”]\z/us', $fault->message, "{$place}: {$fault->at}");
            }
            self::assertCount(count($unquotable->faults), array_unique(array_map(static fn (Fault $fault): string => $fault->at.$fault->message, $unquotable->faults)), "A fault is told once, at {$place}.");

            return true;
        }
        self::assertSame($receipt->total->minor, $receipt->dueNow->minor + $receipt->instalments->minor + $receipt->giftCards->minor, $place);
        self::assertGreaterThanOrEqual(0, $receipt->dueNow->minor, $place);
        self::assertJson(ReceiptWriter::receipt($receipt), $place);

        return false;
    }

    /**
     * @param  array<mixed>  $node
     * @return list<string> the path of everything in it
     */
    private function places(array $node, string $before = ''): array
    {
        $places = [];
        foreach ($node as $key => $child) {
            $places[] = $before.$key;
            array_push($places, ...(is_array($child) ? $this->places($child, "{$before}{$key}.") : []));
        }

        return $places;
    }

    /** @param  array<mixed>  $node */
    private function at(array $node, string $place): mixed
    {
        foreach (explode('.', $place) as $key) {
            $node = is_array($node) ? $node[$key] ?? null : null;
        }

        return $node;
    }
}
