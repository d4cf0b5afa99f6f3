<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Receipts as they were before the shapes around them moved: `receipts.txt` has a line for each of 3,000 documents, the
 * number that it is drawn from and the digest of its receipt. Every tenth is held; with KITE_ALL_RECEIPTS all are.
 */
final class KeptReceiptsTest extends TestCase
{
    #[DataProvider('receipts')]
    public function test_a_receipt_is_what_it_was(int $seed, string $digest): void
    {
        self::assertSame($digest, SeededDocuments::digest($seed));
    }

    /** @return iterable<int, array{int, string}> */
    public static function receipts(): iterable
    {
        $every = getenv('KITE_ALL_RECEIPTS') === false ? 10 : 1;
        foreach (file(__DIR__.'/receipts.txt', FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
            if ($i % $every === 0) {
                [$seed, $digest] = explode(' ', $line) + [1 => ''];
                yield (int) $seed => [(int) $seed, $digest];
            }
        }
    }
}
