<?php

declare(strict_types=1);

namespace Tests\Core\Medium;

use PaperKite\Look\ShippedLooks;
use PaperKite\Medium\CopiedSheet;
use PHPUnit\Framework\TestCase;

/** What a pasted button brings along for the states that it can't carry in itself. */
final class CopiedSheetTest extends TestCase
{
    public function test_every_state_wins_over_what_stands_in_the_element_and_touches_nothing_else(): void
    {
        foreach (ShippedLooks::all() as $name => $look) {
            $sheet = CopiedSheet::of($look);
            self::assertNotNull($sheet);
            self::assertMatchesRegularExpression('/\Akite-[0-9a-f]{12}\z/', $sheet->className);
            self::assertSame(substr(hash('sha256', $sheet->css), 0, 32), $sheet->digest);
            preg_match_all('/(?:^|[{}])([^{}@]+)\{/', $sheet->css, $rules);
            self::assertNotSame([], $rules[1]);
            foreach (explode(',', implode(',', $rules[1])) as $selector) {
                self::assertStringStartsWith(".{$sheet->className}", $selector, (string) $name);
            }
            if (! $look->followsPage) {
                foreach (['background-color', 'color', 'border-color'] as $property) {
                    self::assertMatchesRegularExpression("/:hover\{[^}]*{$property}:#[0-9a-f]{6}!important;/", $sheet->css);
                }
                self::assertStringContainsString('@media (prefers-color-scheme:dark)', $sheet->css);
            }
            self::assertStringContainsString(':focus-visible{outline:3px solid', $sheet->css);
        }
    }

    public function test_looks_that_look_alike_share_a_sheet_and_others_do_not(): void
    {
        [$one, $other] = array_values(ShippedLooks::all());

        self::assertEquals(CopiedSheet::of($one), CopiedSheet::of(clone $one));
        self::assertNotSame(CopiedSheet::of($one)?->className, CopiedSheet::of($other)?->className);
    }
}
