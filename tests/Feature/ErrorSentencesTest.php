<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Shop;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\TestCase;
use Throwable;

/** What the console is told when a request can’t be served: a sentence for a person, nothing of the machinery. */
final class ErrorSentencesTest extends TestCase
{
    private Shop $shop;

    private Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->person = $this->person($this->shop);
    }

    #[DataProvider('missing')]
    public function test_what_is_not_there_is_said_without_naming_the_machinery(string $path): void
    {
        $this->actingAs($this->person)->getJson($this->console("/api/shops/{$this->shop->slug}/{$path}"))
            ->assertNotFound()->assertExactJson(['message' => 'Nothing is here. It may have been removed, or the address is mistyped.']);
    }

    /** @return iterable<string, array{string}> */
    public static function missing(): iterable
    {
        yield 'an order' => ['orders/1001'];
        yield 'a product' => ['products/999999'];
        yield 'an offer' => ['offers/999999'];
        yield 'a number that is none' => ['products/first'];
        yield 'a room that is none' => ['nowhere'];
    }

    public function test_a_change_after_signing_out_says_how_to_go_on(): void
    {
        $answer = $this->putJson($this->console("/api/shops/{$this->shop->slug}/checkout"), [])->assertUnauthorized();

        self::assertSame('You are signed out. Sign in again, then go on here; nothing is lost.', $answer->json('message'));
    }

    public function test_a_page_with_an_old_token_says_to_try_again(): void
    {
        self::assertSame([419, '{"message":"This page was open for very long. Try once more; nothing is lost."}'], $this->answerTo(new TokenMismatchException('CSRF token mismatch.'), '/api/me'));
    }

    public function test_a_failure_shows_nothing_of_itself(): void
    {
        config(['app.debug' => false]);
        $thrown = new RuntimeException('SQLSTATE: the password is secret');

        self::assertSame([500, '{"message":"The server could not do this. Nothing was lost; try again in a moment."}'], $this->answerTo($thrown, '/api/me'));
        [$status, $page] = $this->answerTo($thrown, '/cart');
        self::assertSame(500, $status);
        self::assertStringContainsString('Something went wrong', $page);
        self::assertStringNotContainsString('SQLSTATE', $page);
    }

    public function test_findings_stay_findings(): void
    {
        $this->actingAs($this->person)->postJson($this->console("/api/shops/{$this->shop->slug}/coupons"), ['code' => '', 'kind' => 'percent', 'value' => '', 'min_spend' => '', 'skus' => [], 'from' => '', 'until' => '', 'most_uses' => '', 'most_uses_each' => ''])
            ->assertUnprocessable()->assertJsonStructure(['message', 'errors' => ['code']]);
    }

    /** @return array{int, string} status and body */
    private function answerTo(Throwable $thrown, string $path): array
    {
        $answer = app(ExceptionHandler::class)->render(Request::create($this->console($path)), $thrown);

        return [$answer->getStatusCode(), (string) $answer->getContent()];
    }
}
