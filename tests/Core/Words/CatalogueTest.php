<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use PaperKite\Refusal;
use PaperKite\Words\Catalogue\EnglishBuying;
use PaperKite\Words\Catalogue\EnglishMails;
use PaperKite\Words\Catalogue\EnglishPages;
use PaperKite\Words\Catalogue\EnglishRefusals;
use PaperKite\Words\Language;
use PaperKite\Words\OwnPhrase;
use PaperKite\Words\PhraseGroup;
use PaperKite\Words\Wording;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every phrase that a page or a letter asks for is there, and every one that is there is asked for. */
final class CatalogueTest extends TestCase
{
    /** Keys that are put together where they are asked for. */
    private const PUT_TOGETHER = '/^(field\.\w+|subject\.\w+|list\.sort_\w+|bill\.(discount|shipping|tax|tax_contained|gift_cards)|mail\.\w+\.subject|checkout\.agree(_both)?|download\.(expired|stopped))$/';

    public function test_pages_and_letters_say_what_the_catalogue_has_and_all_of_it(): void
    {
        $asked = [];
        foreach ($this->files('resources/views') as $file) {
            preg_match_all('/(?:say->(?:say|html)\(|[?:] )\'([a-z_]+(?:\.[a-z_]+)+)\'/', (string) file_get_contents($file), $found);
            array_push($asked, ...$found[1]);
        }
        foreach ([...$this->files('app'), ...$this->files('core')] as $file) {
            preg_match_all('/(?:->(?:say|html|text)\(|\$say\(|ToldRefusal\(|self\(|self::of\([^,]+, |[?:] )\'([a-z_]+(?:\.[a-z_]+)+)\'/', (string) file_get_contents($file), $found);
            array_push($asked, ...$found[1]);
        }
        $there = array_keys(EnglishPages::TEXTS + EnglishBuying::TEXTS + EnglishMails::TEXTS + array_diff_key(EnglishRefusals::TEXTS, ['kept' => '']));
        $asked = array_filter(array_unique($asked), static fn (string $key): bool => PhraseGroup::of($key) !== null);

        self::assertSame([], array_values(array_diff($asked, $there)), 'They are asked for and are not there.');
        self::assertSame([], array_values(array_filter(array_diff($there, $asked), static fn (string $key): bool => preg_match(self::PUT_TOGETHER, $key) !== 1)), 'They are there and nobody asks for them.');
    }

    public function test_every_phrase_belongs_to_a_group_and_none_is_blank(): void
    {
        foreach (Language::cases() as $language) {
            foreach ($language->texts() as $key => $text) {
                self::assertNotNull(PhraseGroup::of($key === 'kept' ? 'frame' : $key), $key);
                self::assertNotSame('', $text, $key);
            }
        }
    }

    /** No word that a shopper reads stands in a view by itself. */
    public function test_no_view_of_the_shop_holds_words_of_its_own(): void
    {
        foreach ([...$this->files('resources/views/shop'), ...$this->files('resources/views/components/shop')] as $file) {
            $html = (string) preg_replace(['/@php.*?@endphp/s', '/\{\{--.*?--\}\}/s', '/\{\{.*?\}\}/s', '/\{!!.*?!!\}/s', '/<style.*?<\/style>/s', '/ :[\w-]+="[^"]*"/', '/@\w+\s*(\((?:[^()]|(?1))*\))?/'], ' ', (string) file_get_contents($file));
            preg_match_all('/>([^<]*\p{L}{2,}[^<]*)</u', $html, $found);
            $words = array_values(array_filter(array_map(trim(...), $found[1]), static fn (string $text): bool => preg_match('/\p{L}{3,}/u', $text) === 1 && ! str_contains($text, '=')));

            self::assertSame([], $words, $file);
        }
    }

    /** Nor in what makes a page of it. */
    public function test_nothing_that_answers_shoppers_holds_a_sentence_of_its_own(): void
    {
        foreach (['app/Http/Shopper', 'app/Carts', 'app/Checkout', 'app/Clicks', 'app/OpenLinks', 'app/Shopfront', 'app/Shoppers'] as $room) {
            foreach (array_diff($this->files($room), $this->forSellersAndLogs()) as $file) {
                $code = (string) preg_replace(['~/\*.*?\*/~s', '~//.*~', '~#\[.*?\]\n~s', '~new \\\\?\w*(?:Logic|Runtime)Exception\([^)]*\)~'], '', (string) file_get_contents($file));
                preg_match_all('/[\'"](\p{Lu}(?!\p{Lu})[^\'"\n]* [^\'"\n]*\p{L}[^\'"\n]*)[\'"]/u', $code, $found);

                self::assertSame([], $found[1], $file);
            }
        }
    }

    public function test_what_is_filled_in_is_no_phrase_and_a_phrase_is_no_html(): void
    {
        $words = new Wording(Language::English, ['thanks.made' => '<script>{number}</script>', 'mail.hello' => '{name} {amount}']);

        self::assertSame('{amount} {amount}', $words->say('mail.hello', name: '{amount}'));
        self::assertSame('&lt;script&gt;<b>7</b>&lt;/script&gt;', $words->html('thanks.made', number: '<b>7</b>'));
    }

    #[DataProvider('ownPhrases')]
    public function test_own_words_fill_in_what_the_phrase_knows_and_nothing_else(string $key, string $typed, ?string $kept): void
    {
        try {
            $read = OwnPhrase::read($key, Language::English->text($key), $typed);
        } catch (Refusal $refusal) {
            $read = null;
            self::assertNotSame('', $refusal->getMessage());
        }

        self::assertSame($kept, $read);
    }

    /** @return iterable<string, array{string, string, string|null}> */
    public static function ownPhrases(): iterable
    {
        yield 'nothing' => ['thanks.made', '  ', ''];
        yield 'the same as everywhere' => ['thanks.made', 'Your order {number} is made.', ''];
        yield 'own words' => ['thanks.made', ' Danke! Nr. {number} ist da. ', 'Danke! Nr. {number} ist da.'];
        yield 'in another script, without the number' => ['thanks.made', 'תודה רבה', 'תודה רבה'];
        yield 'a mark that is not known there' => ['thanks.made', 'For {name}', null];
        yield 'several lines on a page' => ['thanks.made', "one\ntwo", null];
        yield 'several lines in a letter' => ['mail.confirmation.thanks', "one\r\ntwo", "one\ntwo"];
        yield 'several lines in a subject' => ['mail.confirmation.subject', "one\nBcc: all", null];
        yield 'as long as may be' => ['thanks.made', str_repeat('ü', 500), str_repeat('ü', 500)];
        yield 'a letter too many' => ['thanks.made', str_repeat('ü', 501), null];
        yield 'a control character' => ['thanks.made', "a\0b", null];
    }

    /** @return list<string> */
    private function forSellersAndLogs(): array
    {
        return array_map(static fn (string $path): string => dirname(__DIR__, 3)."/app/{$path}.php", ['OpenLinks/CouponDoubt', 'OpenLinks/LinkGoods', 'Carts/TooManyCarts']);
    }

    /** @return list<string> */
    private function files(string $folder): array
    {
        $files = [];
        /** @var iterable<\SplFileInfo> $found */
        $found = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 3)."/{$folder}", \FilesystemIterator::SKIP_DOTS));
        foreach ($found as $file) {
            $files[] = $file->getPathname();
        }

        return $files;
    }
}
