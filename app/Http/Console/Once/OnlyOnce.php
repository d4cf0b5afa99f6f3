<?php

declare(strict_types=1);

namespace App\Http\Console\Once;

use App\Database\Contention;
use App\Database\InTransaction;
use App\Models\ActDone;
use App\Models\Person;
use App\Models\Shop;
use App\Time\Clock;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LogicException;
use Symfony\Component\HttpFoundation\Response as Answer;
use Throwable;

/**
 * What makes something makes it once, however often it is asked for under one name: whoever never saw the answer gets it
 * when asking again. The name is kept in the transaction of the act, so that a server which is killed leaves both or none.
 *
 * @see https://datatracker.ietf.org/doc/draft-ietf-httpapi-idempotency-key-header/
 */
final readonly class OnlyOnce
{
    public const HEADER = 'Idempotency-Key';

    public function __construct(
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** @param  Closure(Request): Answer  $next */
    public function handle(Request $request, Closure $next): Answer
    {
        if (! $request->headers->has(self::HEADER)) {
            return $next($request);
        }
        $name = (string) $request->headers->get(self::HEADER);
        if (preg_match('/^[\x21-\x7e]{1,64}$/D', $name) !== 1) {
            return self::refusal(400, 'The name of this act can’t be read: it is 1 to 64 letters, digits or signs.');
        }
        try {
            return ($this->inTransaction)(fn (): Answer => $this->once($request, $next, $name));
        } catch (NotDone $notDone) {
            return $notDone->answer;
        }
    }

    /**
     * @param  Closure(Request): Answer  $next
     *
     * @throws NotDone where nothing was made, and nothing is to be remembered
     * @throws Throwable where the database ended the transaction, which is then done again
     */
    private function once(Request $request, Closure $next, string $name): Answer
    {
        $at = self::at($request, $name);
        $asked = hash('sha256', "{$request->method()} {$request->path()} {$request->getContent()}");
        try {
            // Whoever asks at the same moment waits here for the first.
            ActDone::query()->insert($at + ['asked' => $asked, 'at' => $this->clock->now()]);
        } catch (UniqueConstraintViolationException) {
            $done = ActDone::query()->where($at)->firstOrFail();

            return $done->asked === $asked
                ? new Response($done->answer, $done->status, ['Content-Type' => 'application/json'])
                : self::refusal(422, 'Something else was asked for under the name of this act; nothing was changed. Load the page again.');
        }
        $answer = $next($request);
        if ($answer->isSuccessful()) {
            ActDone::query()->where($at)->update(['status' => $answer->getStatusCode(), 'answer' => (string) $answer->getContent()]);

            return $answer;
        }
        $thrown = $answer instanceof Response || $answer instanceof JsonResponse ? $answer->exception : null;
        throw $thrown !== null && Contention::of($thrown) !== null ? $thrown : new NotDone($answer);
    }

    /** @return array{shop_id: int, person_id: int, name: string} */
    private static function at(Request $request, string $name): array
    {
        [$shop, $person] = [$request->route('shop'), $request->user()];

        return $shop instanceof Shop && $person instanceof Person
            ? ['shop_id' => $shop->id, 'person_id' => $person->id, 'name' => $name]
            : throw new LogicException('An act is done by a person of a shop.');
    }

    private static function refusal(int $status, string $message): JsonResponse
    {
        return new JsonResponse(['message' => $message], $status);
    }
}
