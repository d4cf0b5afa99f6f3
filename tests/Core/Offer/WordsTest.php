<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\ShopWords;
use PaperKite\Offer\StateWords;
use PaperKite\Offer\WordLadder;
use PaperKite\Offer\WordSource;
use PaperKite\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a button says: the most specific words that are not blank. */
final class WordsTest extends TestCase
{
    /** @param  array{string, string, string, string}  $words  of placement, offer, surface and shop */
    #[DataProvider('ladders')]
    public function test_the_most_specific_words_win(array $words, string $text, WordSource $source): void
    {
        [$placement, $offer, $surface, $shop] = array_map(static fn (string $idle): StateWords => StateWords::of(['idle' => $idle]), $words);
        $word = WordLadder::of($placement, $offer, $surface, new ShopWords($shop))->word(ButtonState::Idle, Onwards::Pay->caption());

        self::assertSame([$text, $source], [$word->text, $word->source]);
        self::assertNotSame('', $word->source->words());
    }

    /** @return iterable<string, array{array{string, string, string, string}, string, WordSource}> */
    public static function ladders(): iterable
    {
        yield 'all four say something' => [['a', 'b', 'c', 'd'], 'a', WordSource::Placement];
        yield 'the place says nothing' => [['', 'b', 'c', 'd'], 'b', WordSource::Offer];
        yield 'place and offer say nothing' => [['', '', 'c', 'd'], 'c', WordSource::Surface];
        yield 'only the shop says something' => [['', '', '', 'd'], 'd', WordSource::Shop];
        yield 'nobody says anything' => [['', '', '', ''], 'Buy now', WordSource::BuiltIn];
    }

    public function test_what_the_shop_says_for_adding_and_for_buying_stands_where_that_would_stand(): void
    {
        $shop = new ShopWords(StateWords::of(['idle' => 'Take it', 'added' => 'Yours']), 'Into the basket', 'Buy it');
        $said = static fn (ShopWords $words): array => array_map(static fn (string $builtIn): string => WordLadder::ofOffer(StateWords::none(), $words)->word(ButtonState::Idle, $builtIn)->text, ['Add to cart', 'Buy now', 'Have a look', 'Donate now']);

        self::assertSame(['Into the basket', 'Buy it', 'Take it', 'Take it'], $said($shop));
        self::assertSame(['Into the basket', 'Buy it', 'Have a look', 'Donate now'], $said($shop->beside()));
        self::assertSame(['Take it', 'Take it', 'Take it', 'Take it'], $said(new ShopWords($shop->states)));
        self::assertSame('Yours', WordLadder::ofOffer(StateWords::none(), $shop->beside())->word(ButtonState::Added, 'Buy now')->text);
        self::assertSame(WordSource::Shop, WordLadder::ofOffer(StateWords::none(), $shop)->word(ButtonState::Idle, 'Buy now')->source);
    }

    public function test_every_state_has_words_of_its_own_built_in(): void
    {
        foreach (Onwards::cases() as $destination) {
            $words = array_map(static fn (ButtonState $state): string => WordLadder::ofOffer(StateWords::none(), ShopWords::none())->word($state, $destination->caption())->text, ButtonState::cases());

            self::assertSame($words, array_unique($words));
            self::assertNotContains('', $words);
        }
    }

    public function test_words_are_read_as_typed_and_blank_ones_are_none(): void
    {
        self::assertSame([null, null, 'Take a jar'], array_map(static fn (string $typed): ?string => StateWords::read(ButtonState::Idle, $typed), ['', '   ', ' Take a jar ']));
        self::assertSame(['added' => 'Yours'], StateWords::of(['idle' => '', 'added' => 'Yours', 'nonsense' => 'x', 'working' => null])->all());
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('“Sold out”');
        StateWords::read(ButtonState::SoldOut, "a\nb");
    }
}
