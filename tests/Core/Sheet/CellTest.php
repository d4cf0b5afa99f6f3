<?php

declare(strict_types=1);

namespace Tests\Core\Sheet;

use PaperKite\Sheet\Cell;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What strangers typed is text in a sheet, too. */
final class CellTest extends TestCase
{
    #[DataProvider('texts')]
    public function test_a_formula_becomes_text_and_text_stays_as_it_is(string $typed, string $cell): void
    {
        self::assertSame($cell, Cell::text($typed));
    }

    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'a name' => ["Ada O'Neill-Reed", "Ada O'Neill-Reed"];
        yield 'blank' => ['', ''];
        yield 'another script' => ['דבש', 'דבש'];
        yield 'an equals sign within' => ['a=b', 'a=b'];
        foreach (['=1+1', '+49 30 1', '-1', '@SUM(A1)', "\t=1", "\r\n=1", ' =1', '＝1', '＋1', '－1', '＠1'] as $formula) {
            yield json_encode($formula, JSON_THROW_ON_ERROR) => [$formula, "'{$formula}"];
        }
    }
}
