<?php

declare(strict_types=1);

namespace PaperKite\Text;

use Normalizer;

/**
 * The words of a text by which it is found, in any script. A word is a run of letters, marks and digits, without regard
 * to case, accents and forms of the same character (Unicode Standard Annex 15, NFKC); where words are written without
 * spaces between them, each two neighbouring characters are a word.
 */
final readonly class SearchWords
{
    /** In characters; what is longer is found by its beginning. */
    public const LONGEST = 40;

    private const WITHOUT_SPACES = '\p{Han}\p{Hiragana}\p{Katakana}\p{Thai}\p{Lao}\p{Khmer}\p{Myanmar}';

    /** @param  list<string>  $words */
    private function __construct(
        /** Each once, folded, in their order. */
        public array $words,
    ) {}

    /** Of something that is to be found. */
    public static function of(string $text): self
    {
        $words = [];
        foreach (self::runs($text) as $run) {
            array_push($words, ...(self::isWithoutSpaces($run) ? self::pairs($run, keepsLast: true) : [$run]));
        }

        return self::once($words);
    }

    /** Of what somebody types to find it: each of these words begins one of the thing's. */
    public static function asked(string $typed): self
    {
        $words = [];
        foreach (self::runs($typed) as $run) {
            array_push($words, ...(self::isWithoutSpaces($run) ? self::pairs($run, keepsLast: false) : [$run]));
        }

        return self::once($words);
    }

    /** Whether each word that is asked for begins one of these. */
    public function hold(self $asked): bool
    {
        foreach ($asked->words as $word) {
            if (array_filter($this->words, static fn (string $own): bool => str_starts_with($own, $word)) === []) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $words
     */
    private static function once(array $words): self
    {
        return new self(array_values(array_unique(array_map(static fn (string $word): string => mb_substr($word, 0, self::LONGEST, 'UTF-8'), $words))));
    }

    /** @return list<string> runs of letters, marks and digits, folded; those of scripts without spaces by themselves */
    private static function runs(string $text): array
    {
        preg_match_all('/['.self::WITHOUT_SPACES.'\p{M}]+|(?:(?!['.self::WITHOUT_SPACES.'])[\p{L}\p{M}\p{N}])+/u', self::folded($text), $runs);

        return array_values(array_filter($runs[0], static fn (string $run): bool => preg_match('/[\p{L}\p{N}]/u', $run) === 1));
    }

    private static function folded(string $text): string
    {
        $same = Normalizer::normalize(mb_scrub($text, 'UTF-8'), Normalizer::FORM_KC);
        $apart = Normalizer::normalize(mb_convert_case(is_string($same) ? $same : '', MB_CASE_FOLD, 'UTF-8'), Normalizer::FORM_KD);

        // Accents are marks that stand alone now; the vowels of Indic scripts take room of their own, and stay.
        return (string) preg_replace('/\p{Mn}+/u', '', is_string($apart) ? $apart : '');
    }

    private static function isWithoutSpaces(string $run): bool
    {
        return preg_match('/\A['.self::WITHOUT_SPACES.']/u', $run) === 1;
    }

    /**
     * @param  bool  $keepsLast  whether the last character is a word, too, so that it is found alone
     * @return list<string>
     */
    private static function pairs(string $run, bool $keepsLast): array
    {
        $characters = mb_str_split($run, 1, 'UTF-8');
        $last = array_pop($characters) ?? '';
        $pairs = [];
        foreach ($characters as $at => $character) {
            $pairs[] = $character.($characters[$at + 1] ?? $last);
        }

        return $keepsLast || $pairs === [] ? [...$pairs, $last] : $pairs;
    }
}
