<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Partner\Writing\CopiedText;
use PaperKite\Partner\Writing\ShortTitle;
use PaperKite\Partner\Writing\TextMeasure;
use PaperKite\Partner\Writing\TextSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Titles are made shorter by rules, texts measured and held against another's. */
final class WritingTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string, string}> */
    public static function titles(): iterable
    {
        yield 'a make, praise, size and pack' => ['BRANDO® Premium Storm Lantern, Brass, 30 cm, Pack of 2 - Perfect for Garden and Porch (2026 Model)', 'Storm Lantern'];
        yield 'the same in German' => ['HÖRDAL Sturmlaterne aus Messing 30cm hochwertig – 2er Set', 'Sturmlaterne'];
        yield 'the partner before it' => ['Nordkai: Robuste Wolldecke, 100% Wolle, 2er-Pack', 'Robuste Wolldecke'];
        yield 'all of it shouts' => ['LAMBSWOOL BLANKET SLATE 130 x 180 cm', 'Lambswool Blanket Slate'];
        yield 'a word that comes twice' => ['Vintage lantern lanterns brass storm lantern with glass', 'Brass storm lantern'];
        yield 'a code of a model' => ['XJ-2000 Honigpresse Edelstahl 9 Liter', 'Honigpresse Edelstahl'];
        yield 'what it is for' => ['Stainless honey press for hobby beekeepers', 'Stainless honey press'];
        yield 'what it is made of' => ['Imker Handschuhe aus Ziegenleder Größe XL', 'Imker Handschuhe'];
        yield 'the unit written out' => ['Zinc watering can 9 l', 'Zinc watering can'];
        yield 'another script' => ['蜂蜜 压榨机 不锈钢 30cm', '蜂蜜 压榨机 不锈钢'];
        yield 'a leading blank' => ['   Smoker  ', 'Smoker'];
        yield 'nothing but litter' => ['2 x 3 cm', ''];
        yield 'praise alone' => ['Premium Deluxe Edition', ''];
    }

    #[DataProvider('titles')]
    public function test_the_noun_stays_and_the_litter_goes(string $title, string $expected): void
    {
        self::assertSame($expected, ShortTitle::of($title, ['Nordkai'], 3));
    }

    public function test_a_shorter_title_is_short_and_made_of_the_long_one(): void
    {
        $this->forAll(Generators::string(), Generators::choose(1, 6))->then(static function (string $title, int $words): void {
            $title = mb_scrub($title, 'UTF-8');
            $short = ShortTitle::of($title, [], $words);
            self::assertLessThanOrEqual($words, count(preg_split('/\s+/u', $short, -1, PREG_SPLIT_NO_EMPTY) ?: []));
            foreach (preg_split('/\s+/u', $short, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
                self::assertStringContainsString(mb_strtolower($word), mb_strtolower($title));
            }
        });
    }

    public function test_what_is_copied_is_marked_and_its_share_told(): void
    {
        $copied = CopiedText::of('The lantern burns all night. We love it: It burns for a night, on a cup of oil. Truly.', 'it burns FOR a night on a cup of oil! Made of brass.');

        self::assertSame('The lantern burns all night. We love it: [It burns for a night, on a cup of oil]. Truly.', implode('', array_map(static fn (TextSegment $segment): string => $segment->isCopied ? "[{$segment->text}]" : $segment->text, $copied->segments)));
        self::assertEqualsWithDelta(10 / 19, $copied->share, 1e-9);
        self::assertEqualsWithDelta(7 / 19, $copied->likeness, 1e-9);
        self::assertTrue($copied->isLargely());
        self::assertFalse(CopiedText::of('Hung in our porch since spring, and the bees do not mind.', 'it burns for a night on a cup of oil')->isLargely());
    }

    public function test_a_text_is_wholly_its_own_copy_and_its_pieces_make_it_again(): void
    {
        $words = Generators::elements(['oil', 'lamp', 'Bienen', 'é', '蜂蜜', "it's", '12', '—', '.', ' ', "\n"]);
        $this->forAll(Generators::seq($words), Generators::seq($words))->then(static function (array $own, array $other): void {
            [$own, $other] = [implode(' ', array_filter($own, is_string(...))), implode(' ', array_filter($other, is_string(...)))];
            $copied = CopiedText::of($own, $other);
            self::assertSame($own, implode('', array_map(static fn (TextSegment $segment): string => $segment->text, $copied->segments)));
            self::assertSame($copied->likeness, CopiedText::of($other, $own)->likeness);
            $self = CopiedText::of($own, $own);
            self::assertSame($self->share > 0.0 ? [1.0, 1.0] : [0.0, 0.0], [$self->likeness, $self->share]);
        });
    }

    public function test_words_characters_and_bullets_are_counted_in_any_script(): void
    {
        $measure = TextMeasure::of("• burns all night\n- it’s brass\n3) 9 l\n2026 – a good year\nмёд", 2);

        self::assertSame([13, 60, 5], [$measure->words, $measure->characters, $measure->bullets]);
    }
}
