<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Carts\Caller;
use App\Changes\Marks;
use App\Clicks\Straight;
use App\Results\SpooledAct;

/** Answers in the memory that the workers of this machine share, for seconds, and only while nothing of their shop changes. */
final readonly class KeptAnswers
{
    /** Of what no mark tells: another machine that shares the database. */
    private const SECONDS = 5;

    /** From then on one click has it made anew while the others are answered with it: at its end all of them would wait for the framework at once. */
    private const SECONDS_UNTIL_RENEWED = 4;

    public function __construct(private Marks $marks) {}

    /**
     * @param  string  $address  as it was asked for, such as `/k/0abc123`
     * @param  int  $at  seconds since 1970
     */
    public function find(string $host, string $address, Caller $caller, int $at): ?KeptAnswer
    {
        /** @var array{int, int, int, int, string, Straight|null, int, string, string}|false $kept */
        $kept = apcu_fetch($key = self::key($host, $address, $caller, $at));
        $answer = $kept === false ? null : new KeptAnswer(...$kept);
        $isRight = $answer !== null && $answer->mark === $this->marks->of($answer->shopId);

        return $isRight && ! ($at - $answer->at >= self::SECONDS_UNTIL_RENEWED && apcu_add("{$key}-renewed", true, 1)) ? $answer : null;
    }

    /** @param  int  $at  seconds since 1970, when the click came that it is the answer to */
    public function keep(string $host, string $address, Caller $caller, int $at, KeptAnswer $answer): void
    {
        apcu_store(self::key($host, $address, $caller, $at), $answer->kept(), self::SECONDS);
    }

    /** Whose clicks are answered and counted alike. */
    private static function key(string $host, string $address, Caller $caller, int $at): string
    {
        return "kept-{$host}{$address}-{$caller->country}-{$caller->device->name}-".SpooledAct::quarterOf($at);
    }
}
