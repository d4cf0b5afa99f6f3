<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Text\NearWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A mistyped word finds what was meant. */
final class NearWordsTest extends TestCase
{
    use TestTrait;

    /** @param  list<string>  $found */
    #[DataProvider('mistakes')]
    public function test_so_many_mistakes_are_forgiven(string $typed, array $found): void
    {
        self::assertSame($found, NearWords::of($typed, ['honey', 'money', 'beeswax', 'heather', 'lavender', 'ling', 'wax', 'мёд', 'honig', 'b2b4', 'pomegranate', 'straße']));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function mistakes(): iterable
    {
        yield 'a wrong letter' => ['homey', ['honey']];
        yield 'a missing one' => ['heater', ['heather']];
        yield 'one too many' => ['beesswax', ['beeswax']];
        yield 'two swapped' => ['haether', ['heather']];
        yield 'two mistakes in a short word' => ['hethr', []];
        yield 'two in a long one' => ['pomegrante', ['pomegranate']];
        yield 'two apart in a long one' => ['lavandar', ['lavender']];
        yield 'two swapped twice' => ['alvendre', ['lavender']];
        yield 'three are too many' => ['pmegrnte', []];
        yield 'too short to be mistaken' => ['was', []];
        yield 'four letters' => ['lign', ['ling']];
        yield 'the word itself' => ['honey', ['money']];
        yield 'a number' => ['b2b5', []];
        yield 'another script is counted by letters' => ['strafe', ['straße']];
    }

    public function test_a_word_is_near_to_whatever_one_mistake_makes_of_it_and_that_to_the_word(): void
    {
        $letters = Generators::elements('a', 'b', 'ö', '蜂');
        $this->forAll(Generators::vector(6, $letters), Generators::choose(0, 5), $letters)->then(static function (array $word, int $at, string $letter): void {
            /** @var non-empty-array<int, string> $word */
            $meant = implode('', $word);
            $wrong = array_replace($word, [$at => $letter]);
            $swapped = $at === 0 ? $word : array_replace($word, [$at => $word[$at - 1], $at - 1 => $word[$at]]);
            foreach ([$wrong, array_diff_key($word, [$at => '']), [...array_slice($word, 0, $at), $letter, ...array_slice($word, $at)], $swapped] as $mistyped) {
                $typed = implode('', $mistyped);
                self::assertSame($typed === $meant ? [] : [$meant], NearWords::of($typed, [$meant]));
            }
        });
    }
}
