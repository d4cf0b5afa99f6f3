<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PaperKite\Quote\Document\DocumentReader;
use PaperKite\Quote\Document\ReceiptWriter;
use PaperKite\Quote\Quote;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Worked examples, which hold to the last digit. */
final class ExamplesTest extends TestCase
{
    #[DataProvider('examples')]
    public function test_the_receipt_of_an_example_holds(string $document, mixed $receipt): void
    {
        $printed = json_decode(ReceiptWriter::receipt(Quote::of(DocumentReader::read($document))), true);

        self::assertSame($receipt, self::withoutSentences((array) $printed));
    }

    /** @return iterable<string, array{string, mixed}> */
    public static function examples(): iterable
    {
        foreach (glob(__DIR__.'/examples/*.json') ?: [] as $file) {
            $example = (array) json_decode((string) file_get_contents($file), false);
            yield basename($file) => [json_encode($example['document'], JSON_THROW_ON_ERROR), json_decode(json_encode($example['receipt'], JSON_THROW_ON_ERROR), true)];
        }
    }

    /**
     * @param  array<mixed>  $receipt
     * @return array<mixed>
     */
    private static function withoutSentences(array $receipt): array
    {
        unset($receipt['because'], $receipt['findings']);
        $receipt['lines'] = array_map(static fn (mixed $line): array => array_diff_key((array) $line, ['because' => true]), (array) $receipt['lines']);

        return $receipt;
    }
}
