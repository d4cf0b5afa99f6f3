<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Shop;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** An installation without people shows one page, once. */
final class SetUpTest extends TestCase
{
    public function test_whoever_has_the_word_makes_the_first_person_and_the_first_shop_and_is_signed_in(): void
    {
        $this->get($this->console('/set-up'))->assertOk();
        $this->getJson($this->console('/api/set-up'))->assertOk()->assertJsonFragment(['value' => 'IE', 'label' => 'Ireland'])->assertJsonFragment(['value' => 'EUR', 'label' => 'Euro (EUR)'])->assertJsonMissing(['value' => 'XAU']);
        $this->begin(['word' => $this->word(), 'name' => 'Ivo Fernsby', 'shop' => 'Fern & Fold', 'host' => 'fern.example', 'country' => 'DE', 'currency' => 'EUR'])
            ->assertCreated()->assertJsonPath('name', 'Ivo Fernsby')->assertJsonPath('shops.0.slug', 'fern-fold');

        $shop = Shop::query()->sole();
        self::assertSame(['Fern & Fold', 'fern.example', 'EUR', 'DE', 'Europe/Berlin'], [$shop->name, $shop->host, $shop->currency, $shop->home_country, $shop->zone()->getName()]);
        self::assertGreaterThan(0, $shop->looks()->count());
        $this->getJson($this->console('/api/me'))->assertJsonPath('person.name', 'Ivo Fernsby');
        $this->getJson($this->console('/api/shops/fern-fold'))->assertOk();
    }

    public function test_with_people_there_is_nothing_there(): void
    {
        $word = $this->word();
        $this->begin(['word' => $word])->assertCreated();

        foreach ([fn (): TestResponse => $this->get($this->console('/set-up')), fn (): TestResponse => $this->getJson($this->console('/api/set-up')), fn (): TestResponse => $this->begin(['word' => $word, 'email' => 'eve@fern.example', 'host' => 'eve.example'])] as $ask) {
            $ask()->assertNotFound();
        }
        $this->command('install:word')->expectsOutputToContain('is set up already')->assertFailed();
        self::assertSame([1, 1], [Person::query()->count(), Shop::query()->count()]);
    }

    public function test_a_word_is_read_as_people_copy_it_and_only_the_last_one_counts(): void
    {
        $old = $this->word();
        $word = $this->word();
        $this->begin(['word' => $old])->assertUnprocessable()->assertJsonPath('errors.word.0', 'This is not the set-up word; copy it from the terminal in which Paper Kite was started.');
        $this->begin(['word' => ' '.strtoupper(str_replace(['-', '0', '1'], ['', 'O', 'l'], $word)).' '])->assertCreated();
    }

    public function test_five_wrong_words_cost_a_quarter_of_an_hour_even_for_the_right_one(): void
    {
        $word = $this->word();
        foreach (range(1, 4) as $try) {
            $this->begin(['word' => "0000-0000-0000-000{$try}"])->assertUnprocessable()->assertJsonPath('errors.word.0', 'This is not the set-up word; copy it from the terminal in which Paper Kite was started.');
        }
        $this->begin(['word' => 'nonsense'])->assertUnprocessable();
        $said = $this->begin(['word' => $word])->assertUnprocessable()->json('errors.word.0');
        self::assertStringContainsString('15 minutes', is_string($said) ? $said : '');

        $this->travel(16)->minutes();
        $this->begin(['word' => $word])->assertCreated();
    }

    public function test_a_new_word_opens_it_again(): void
    {
        $this->word();
        foreach (range(1, 5) as $try) {
            $this->begin(['word' => "wrong {$try}"])->assertUnprocessable();
        }
        $this->begin(['word' => $this->word()])->assertCreated();
    }

    public function test_without_a_word_nobody_sets_anything_up(): void
    {
        $this->begin(['word' => ''])->assertUnprocessable()->assertJsonValidationErrorFor('word');
        $this->begin(['word' => '0000-0000-0000-0000'])->assertNotFound();
        self::assertSame(0, Person::query()->count());
    }

    /** @param  array<string, string>  $with */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_at_its_field_and_costs_no_try(array $with, string $field, string $sentence): void
    {
        $word = $this->word();
        foreach (range(1, 6) as $try) {
            $this->begin($with + ['word' => $word])->assertUnprocessable()->assertJsonPath("errors.{$field}.0", $sentence);
        }
        self::assertSame(0, Person::query()->count() + Shop::query()->count());
        $this->travel(2)->minutes();
        $this->begin(['word' => $word])->assertCreated();
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name', 'Your name is missing.'];
        yield 'a short password' => [['password' => 'elevenchars'], 'password', 'The password is too short; choose at least 12 characters, such as four words.'];
        yield 'a plain password' => [['password' => 'aaaaaaaaaaaaaaaa'], 'password', 'The password repeats a few characters; choose one with at least five different ones.'];
        yield 'no country' => [['country' => 'QQ'], 'country', 'Choose the country from the list.'];
        yield 'the console’s host' => [['host' => 'seller.localhost'], 'host', '“seller.localhost” is taken; choose another.'];
    }

    #[DataProviderExternal(MangledFormsTest::class, 'values')]
    public function test_the_form_bears_whatever_is_sent(mixed $value): void
    {
        $word = $this->word();
        foreach (['word', 'name', 'email', 'password', 'shop', 'host', 'country', 'currency'] as $field) {
            $sent = [$field => $value] + ['word' => $word, 'name' => 'Ivo', 'email' => 'ivo@fern.example', 'password' => 'four words in a row', 'shop' => 'Fern', 'host' => 'fern.example', 'country' => 'IE', 'currency' => 'EUR'];
            $status = $this->withoutMiddleware(ThrottleRequests::class)->postJson($this->console('/api/set-up'), $sent)->getStatusCode();
            self::assertContains($status, [201, 404, 422], $field);
        }
    }

    public function test_a_shop_whose_name_can_t_be_written_in_an_address_gets_one_all_the_same(): void
    {
        $this->begin(['word' => $this->word(), 'shop' => '!?'])->assertCreated()->assertJsonPath('shops.0.slug', 'shop');
    }

    private function word(): string
    {
        Artisan::call('install:word');

        return trim(Artisan::output());
    }

    /**
     * @param  array<string, string>  $with
     * @return TestResponse<Response>
     */
    private function begin(array $with): TestResponse
    {
        return $this->postJson($this->console('/api/set-up'), $with + ['word' => '', 'name' => 'Ivo', 'email' => 'ivo@fern.example', 'password' => 'four words in a row', 'shop' => 'Fern', 'host' => 'fern.example', 'country' => 'IE', 'currency' => 'EUR']);
    }
}
