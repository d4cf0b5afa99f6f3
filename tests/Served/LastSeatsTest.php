<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\OrderLine;
use GuzzleHttp\Client;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use PaperKite\Catalogue\ProductKind;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\AsksConsole;

/** Sixteen at once on the last five seats of a course, while its seller moves it to another place. */
final class LastSeatsTest extends ServedTestCase
{
    use AsksConsole;

    private const BUYERS = 16;

    private const SEATS = 5;

    public function test_every_seat_is_booked_once_and_nobody_meets_an_error(): void
    {
        $course = $this->product($this->shop, ['name' => 'Skep making', 'kind' => ProductKind::Service, 'stock' => self::SEATS, 'begins_at' => now()->addMonth(), 'ends_at' => now()->addMonth()->addHours(3), 'place' => 'Weir Cottage']);
        $placement = $this->placement($this->offer($course));
        $this->together = HandlerStack::create(new CurlMultiHandler);
        $buyers = array_map(fn (): Client => self::shopper($this->together), range(1, self::BUYERS));
        $pages = array_map(fn (Client $buyer): string => $this->hostedPage($buyer, $placement), $buyers);
        self::assertCount(self::BUYERS, array_unique($pages));
        /** @var array{entry: array<string, mixed>} $form */
        $form = $this->read($this->ask('GET', "products/{$course->id}")->wait());

        $asked = [];
        foreach ($buyers as $i => $buyer) {
            $asked[] = $buyer->postAsync($pages[$i], ['form_params' => ['do' => 'pay', 'delivery' => 'twice']])
                ->then(static fn (mixed $ended): PromiseInterface => $buyer->getAsync($ended instanceof ResponseInterface ? $ended->getHeaderLine('Location') : ''));
            // What the form was filled with says how many seats there were; none of them is the seller’s doing.
            $asked[] = $this->ask('PUT', "products/{$course->id}", ['place' => "Barn {$i}"] + $form['entry']);
        }
        /** @var list<ResponseInterface> $answers */
        $answers = array_values(Utils::unwrap($asked));

        self::assertSame([], array_filter(array_map(static fn (ResponseInterface $answer): int => $answer->getStatusCode(), $answers), static fn (int $status): bool => $status >= 400));
        $thanked = array_filter($answers, static fn (ResponseInterface $answer): bool => str_starts_with($answer->getHeaderLine('Location'), '/thanks/'));
        $told = array_filter($answers, static fn (ResponseInterface $answer): bool => str_contains((string) $answer->getBody(), 'Somebody was quicker'));
        self::assertSame([self::SEATS, self::BUYERS - self::SEATS], [count($thanked), count($told)]);
        self::assertSame([0, self::SEATS, self::BUYERS], [$course->refresh()->stock, OrderLine::query()->where('product_id', $course->id)->count(), $course->event_sequence]);
    }
}
