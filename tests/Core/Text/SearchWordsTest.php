<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Text\SearchWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SearchWordsTest extends TestCase
{
    use TestTrait;

    private const PIECES = ['Heather honey, 340 g', 'Ümläut-Straße', 'ΣΊΣΥΦΟΣ', 'Мёд липовый', 'عسل الزيزفون', 'דבש', '蜂蜜とろうそく', 'น้ำผึ้ง', 'ទឹកឃ្មុំ', '꿀벌 꿀', 'शहद', 'ＡＢＣ １２', "a\u{301}b", '🐝 x', '', "\xff", 'wrap-l_clover'];

    /** @return iterable<string, array{string, string, bool}> */
    public static function searches(): iterable
    {
        yield 'beginnings of words in any order' => ['Heather honey, 340 g', 'hon 340 hea', true];
        yield 'not the middle of one' => ['Heather honey', 'oney', false];
        yield 'each word must be there' => ['Heather honey', 'honey jar', false];
        yield 'without accents' => ['Crème brûlée', 'creme BRULEE', true];
        yield 'with accents that the thing has not' => ['Creme', 'crème', true];
        yield 'sharp s' => ['Straße', 'STRASSE', true];
        yield 'a final sigma' => ['Σίσυφος', 'ΣΙΣΥΦΟΣ', true];
        yield 'wide letters and digits' => ['ＡＢＣ １２', 'abc 12', true];
        yield 'composed and apart' => ["Caf\u{e9}", "cafe\u{301}", true];
        yield 'a part of a SKU' => ['wrap-l-clover', 'clover', true];
        yield 'two characters of Han' => ['蜂蜜とろうそく', '蜜と', true];
        yield 'the last character alone' => ['蜂蜜', '蜜', true];
        yield 'characters that do not stand together' => ['蜂蜜とろうそく', '蜂そ', false];
        yield 'Thai, in the middle of a run' => ['ขายน้ำผึ้งแท้', 'ผึ้ง', true];
        yield 'Cyrillic' => ['Мёд липовый', 'мед лип', true];
        yield 'Arabic with vowels' => ['عَسَل', 'عسل', true];
        yield 'Hindi' => ['शहद की शीशी', 'शीशी', true];
        yield 'nothing asked' => ['Honey', ' - ', true];
        yield 'nothing there' => ['', 'a', false];
    }

    #[DataProvider('searches')]
    public function test_a_text_is_found_by_beginnings_of_its_words(string $text, string $typed, bool $isFound): void
    {
        self::assertSame($isFound, SearchWords::of($text)->hold(SearchWords::asked($typed)));
    }

    public function test_every_text_is_found_by_itself_by_its_words_and_by_their_beginnings(): void
    {
        $this->limitTo(300)->forAll(Generators::seq(Generators::elements(self::PIECES)), Generators::pos())->then(static function (array $pieces, int $length): void {
            $text = implode(' ', array_filter($pieces, is_string(...)));
            $own = SearchWords::of($text);

            self::assertTrue($own->hold(SearchWords::asked($text)), $text);
            foreach ($own->words as $word) {
                self::assertTrue($own->hold(SearchWords::asked($word)), "{$text}: {$word}");
                self::assertTrue($own->hold(SearchWords::asked(mb_substr($word, 0, 1 + $length % 4, 'UTF-8'))), "{$text}: the beginning of {$word}");
                self::assertLessThanOrEqual(SearchWords::LONGEST, mb_strlen($word, 'UTF-8'));
            }
        });
    }

    public function test_words_are_kept_once_and_bytes_that_are_no_text_are_none(): void
    {
        self::assertSame(['honey', 'jar'], SearchWords::of("Honey honey HONEY jar \xff\xfe")->words);
        self::assertSame([str_repeat('a', SearchWords::LONGEST)], SearchWords::of(str_repeat('a', 200))->words);
        self::assertSame([], SearchWords::of('— · “ ” 🐝')->words);
    }
}
